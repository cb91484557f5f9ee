<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use FreshTack\Core\SpecBook\Cycle;
use FreshTack\Core\SpecBook\EngineModel;

#[ORM\Entity]
#[ORM\Table(name: 'engine_model')]
class EngineModelRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 20)] public string $code,
        #[ORM\Column(length: 60)] public string $maker,
        #[ORM\Column(length: 20)] public string $cycle,
        #[ORM\Column(length: 440)] public string $serialPrefixes,
        #[ORM\Column(type: Types::SMALLINT, options: ['unsigned' => true])] public int $serialDigits,
    ) {
    }

    public function toCore(): EngineModel
    {
        return new EngineModel($this->code, $this->maker, Cycle::from($this->cycle), explode(',', $this->serialPrefixes), $this->serialDigits);
    }
}
