<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\ExpectedError;

final class ShelfTooShort extends \DomainException implements ExpectedError
{
    private function __construct(string $message)
    {
        parent::__construct($message);
    }

    public static function by(int $needMl, int $onShelfMl): self
    {
        return new self(\sprintf(
            'The shelf holds %d ml of it and %d ml are needed: %d ml are short. Order some, or move some here.',
            $onShelfMl,
            $needMl,
            $needMl - $onShelfMl,
        ));
    }

    public function errorKey(): string
    {
        return 'fluid.shelf_too_short';
    }
}
