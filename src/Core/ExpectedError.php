<?php

declare(strict_types=1);

namespace FreshTack\Core;

/** An error that a person can mend: it is shown to them with its remedy and is never a fault of the program. */
interface ExpectedError extends \Throwable
{
    /** A stable key, such as `serial.malformed`, by which a client may choose its own wording. */
    public function errorKey(): string;
}
