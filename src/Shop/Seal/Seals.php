<?php

declare(strict_types=1);

namespace FreshTack\Shop\Seal;

/** Whether what was written for good is still what was written. */
interface Seals
{
    /** @return string|null what does not fit first, such as `entry 3 is not what was written`; null: all of it fits */
    public function flawOfOrder(int $number): ?string;

    /** @return string|null likewise, of the services that an engine has had */
    public function flawOfEngine(int $id): ?string;

    /** @return string|null how a record's seal is printed, such as `3f9a 02c1 77de 1b40`; null: there is no record */
    public function ofRecord(int $number): ?string;
}
