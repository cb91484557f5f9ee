<?php

declare(strict_types=1);

namespace FreshTack\Core\Policy;

/** One answer to a question over which practitioners disagree, with what speaks for it. */
final readonly class School
{
    /**
     * @param string      $reason  why its followers do it
     * @param string|null $refused why it can't be chosen, whatever the reason
     */
    public function __construct(public string $code, public string $name, public string $reason, public ?string $refused = null)
    {
    }
}
