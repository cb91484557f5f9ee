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
        #[ORM\Column(
            length: 64,
            nullable: true,
            options: [
                'fixed' => true,
                'charset' => 'ascii',
                'collation' => 'ascii_bin',
                'comment' => 'SHA-256 of the text of the program that came in last; null: none did',
            ],
        )]
        public ?string $installed = null,
    ) {
    }
}
