<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

/** A part of a shop that is set up once. */
final readonly class SetUpPart
{
    /**
     * @param string      $told   what is there
     * @param string|null $blocks what does not work as long as it is missing; null: it is there
     * @param string      $to     the page on which it is entered
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $told,
        public ?string $blocks,
        public string $to,
    ) {
    }
}
