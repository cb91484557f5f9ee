<?php

declare(strict_types=1);

namespace FreshTack\Shop;

use FreshTack\Core\ExpectedError;

final class NotFound extends \RuntimeException implements ExpectedError
{
    public static function order(int $number): self
    {
        return new self(\sprintf('There is no order %d.', $number));
    }

    public static function boat(int $id): self
    {
        return new self(\sprintf('There is no boat %d in the register.', $id));
    }

    public static function engine(int $id): self
    {
        return new self(\sprintf('There is no engine %d in the register.', $id));
    }

    public static function refusal(int $id): self
    {
        return new self(\sprintf('There is no refusal %d.', $id));
    }

    public static function sheet(string $id, int $revision): self
    {
        return new self(\sprintf('The book has no sheet %s rev. %d.', $id, $revision));
    }

    public static function passwordLink(): self
    {
        return new self(
            'This link does not count any more: it was used, or its three days are over. Ask your service manager for a new one.',
        );
    }

    public static function named(string $what, string $name): self
    {
        return new self(\sprintf('There is no %s %s.', $what, $name));
    }

    public function errorKey(): string
    {
        return 'not_found';
    }
}
