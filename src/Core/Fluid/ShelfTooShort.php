<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\ExpectedError;

/** A shelf that does not cover a need, or one that is more than can be worked out. */
final class ShelfTooShort extends \DomainException implements ExpectedError
{
    private function __construct(private readonly string $errorKey, string $message)
    {
        parent::__construct($message);
    }

    public static function by(int $needMl, int $onShelfMl): self
    {
        return new self('fluid.shelf_too_short', \sprintf(
            'The shelf holds %d ml of it and %d ml are needed: %d ml are short. Order some, or move some here.',
            $onShelfMl,
            $needMl,
            $needMl - $onShelfMl,
        ));
    }

    public static function tooMuchAtOnce(int $mostMl): self
    {
        return new self(
            'fluid.too_much_at_once',
            \sprintf(
                'Containers are worked out for up to %d l at once. Correct the amount, or pull it from the drum.',
                intdiv($mostMl, 1000),
            ),
        );
    }

    public static function tooManySizes(int $most): self
    {
        return new self(
            'fluid.too_many_sizes',
            \sprintf(
                'Containers are worked out from up to %d sizes and as many opened ones. Take those off the shelf that you do not use.',
                $most,
            ),
        );
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
