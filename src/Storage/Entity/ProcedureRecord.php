<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'procedure_document')]
class ProcedureRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 40)] public string $id,
        #[ORM\Column(type: Types::SMALLINT, options: ['unsigned' => true])] public int $place,
        #[ORM\Column(type: Types::TEXT, length: 16777215, options: ['comment' => 'the procedure as JSON'])] public string $document,
    ) {
    }
}
