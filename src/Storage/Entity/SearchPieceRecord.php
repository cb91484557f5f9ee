<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\ORM\Mapping as ORM;

/** The end of a word from some letter on, so that a part of a word is found as the beginning of a piece. */
#[ORM\Entity]
#[ORM\Table(name: 'search_piece')]
#[ORM\Index(name: 'pieces_of', columns: ['kind', 'ref', 'piece'])]
class SearchPieceRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 8, options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'boat, engine or customer'])] public string $kind,
        #[ORM\Id, ORM\Column(options: ['comment' => 'whether the piece begins inside the word'])] public bool $inside,
        #[ORM\Id, ORM\Column(length: 24, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])] public string $piece,
        #[ORM\Id, ORM\Column(options: ['unsigned' => true, 'comment' => 'which boat, engine or customer'])] public int $ref,
    ) {
    }
}
