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

    public function errorKey(): string
    {
        return 'not_found';
    }
}
