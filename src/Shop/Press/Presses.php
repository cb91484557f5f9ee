<?php

declare(strict_types=1);

namespace FreshTack\Shop\Press;

/** Presses of the last day, with their answers. */
interface Presses
{
    /** Nobody else begins or answers it until the unit of work ends. */
    public function find(Press $press): ?KnownPress;

    public function begin(Press $press, \DateTimeImmutable $at): void;

    public function answer(Press $press, Answer $answer): void;

    /** It came to nothing, and may be begun again. */
    public function forget(Press $press): void;
}
