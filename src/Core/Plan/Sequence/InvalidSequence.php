<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

use FreshTack\Core\ExpectedError;

final class InvalidSequence extends \DomainException implements ExpectedError
{
    private function __construct(private readonly string $errorKey, string $message)
    {
        parent::__construct($message);
    }

    public static function twice(string $id): self
    {
        return new self('sequence.twice', \sprintf('Two activities are called "%s".', $id));
    }

    public static function unknownActivity(string $id, string $other): self
    {
        return new self('sequence.unknown_activity', \sprintf('"%s" waits for "%s", which is none of the activities.', $id, $other));
    }

    public static function unknownResource(string $id, string $resource): self
    {
        return new self('sequence.unknown_resource', \sprintf('"%s" asks for "%s", which is none of the resources.', $id, $resource));
    }

    public static function aboveCapacity(string $id, string $resource, int $need, int $capacity): self
    {
        return new self('sequence.above_capacity', \sprintf('"%s" asks for %d of "%s", of which there are %d.', $id, $need, $resource, $capacity));
    }

    /** @param list<string> $ids */
    public static function circle(array $ids): self
    {
        return new self('sequence.circle', \sprintf('These wait for each other in a circle, or for such: %s.', implode(', ', $ids)));
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
