<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Reading\Width;
use FreshTack\Shop\Register\Engine;

#[ORM\Entity]
#[ORM\Table(name: 'engine')]
#[ORM\UniqueConstraint(name: 'one_engine_a_place', columns: ['boat_id', 'position'])]
#[ORM\Index(name: 'engines_by_model', columns: ['model'])]
class EngineRecord
{
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: true)] public ?BoatRecord $boat,
        #[ORM\Column(length: 20, nullable: true)] public ?string $position,
        #[ORM\Column(length: Width::MODEL)] public string $model,
        #[ORM\Column(length: Width::SERIAL, unique: true)] public string $serial,
        #[ORM\Column(type: Types::DATE_IMMUTABLE)] public \DateTimeImmutable $inService,
        #[ORM\Column] public bool $hasMeter,
        #[ORM\Column(type: Types::SMALLINT, nullable: true, options: ['unsigned' => true])] public ?int $modelYear = null,
        #[ORM\Column(length: Width::GEARCASE, nullable: true)] public ?string $gearcase = null,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)] public ?\DateTimeImmutable $warrantyUntil = null,
        #[ORM\Column(options: ['unsigned' => true, 'default' => 0, 'comment' => 'one more with every unit of work that decided by it'])]
        public int $turn = 0,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
        #[ORM\Version, ORM\Column(type: Types::INTEGER, options: ['unsigned' => true])] public int $version = 1,
    ) {
    }

    public function take(Engine $engine): void
    {
        $this->model = $engine->model;
        $this->serial = $engine->serial;
        $this->inService = $engine->inService;
        $this->hasMeter = $engine->hasMeter;
        $this->modelYear = $engine->year;
        $this->gearcase = $engine->gearcase;
        $this->warrantyUntil = $engine->warrantyUntil;
    }

    public function toShop(): Engine
    {
        return new Engine((int) $this->id, $this->boat?->id, null === $this->position ? null : Position::from($this->position), $this->model, $this->serial, $this->inService, $this->hasMeter, $this->modelYear, $this->gearcase, $this->warrantyUntil, $this->version);
    }
}
