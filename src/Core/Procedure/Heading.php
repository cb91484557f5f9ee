<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

final readonly class Heading
{
    public function __construct(public string $id, public string $title, public string $why)
    {
    }
}
