<?php

declare(strict_types=1);

namespace FreshTack\Shop\Seal;

use FreshTack\Core\ExpectedError;

/** Somebody changed rows behind the program's back: nothing of it is shown as a record. */
final class SealBroken extends \RuntimeException implements ExpectedError
{
    public static function ofOrder(int $number, string $flaw): self
    {
        return new self(\sprintf(
            'Order %d does not fit its seal: %s. It counts as no record. Tell the manager; the backups still have it as it was.',
            $number,
            $flaw,
        ));
    }

    public function errorKey(): string
    {
        return 'seal.broken';
    }
}
