<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\ORM\Mapping as ORM;

/** The code by which the first manager opens the shop; at most one row. */
#[ORM\Entity]
#[ORM\Table(name: 'first_run')]
class FirstRunRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(options: ['unsigned' => true])] public int $id,
        #[ORM\Column(length: 255, options: ['comment' => 'of the code that the terminal has shown'])] public string $codeHash,
        #[ORM\Column(options: ['unsigned' => true])] public int $wrongTries = 0,
    ) {
    }
}
