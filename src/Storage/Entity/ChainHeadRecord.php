<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\ORM\Mapping as ORM;

/** The end of a chain: what is cut off a chain is missed by this. */
#[ORM\Entity]
#[ORM\Table(name: 'chain_head')]
class ChainHeadRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 170, options: ['collation' => 'utf8mb4_bin'])] public string $name,
        #[ORM\Column(options: ['unsigned' => true])] public int $links,
        #[ORM\Column(length: 64, options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'seal of the last link'])]
        public string $last,
        #[ORM\Column(
            length: 64,
            options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'HMAC over the number of links and the last seal'],
        )]
        public string $head,
    ) {
    }
}
