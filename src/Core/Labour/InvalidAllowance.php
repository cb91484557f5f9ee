<?php

declare(strict_types=1);

namespace FreshTack\Core\Labour;

use FreshTack\Core\ExpectedError;

final class InvalidAllowance extends \DomainException implements ExpectedError
{
    private function __construct(private readonly string $errorKey, string $message)
    {
        parent::__construct($message);
    }

    public static function withoutReason(int $minutes): self
    {
        return new self('allowance.without_reason', \sprintf('%d min are added to what is sold: say what for.', $minutes));
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
