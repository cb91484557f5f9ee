<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\ExpectedError;

final class NotPrinted extends \RuntimeException implements ExpectedError
{
    /** @param string $why in half a sentence */
    public static function because(string $why): self
    {
        return new self(\sprintf('The label was not printed: %s. Open it as PDF, and tell the manager.', $why));
    }

    public function errorKey(): string
    {
        return 'label.not_printed';
    }
}
