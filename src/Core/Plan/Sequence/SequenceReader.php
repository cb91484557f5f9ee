<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;

/** Resources and activities as `plan:sequence` reads them. */
final readonly class SequenceReader
{
    private const MOST = 2000;
    private const LONGEST_MIN = 1_000_000;

    /** @throws InvalidDocument|InvalidSequence with all that is wrong with the document, or the first thing wrong with the work */
    public static function read(mixed $document): SequenceProblem
    {
        $request = Cursor::over($document);
        $request->knowsOnly('resources', 'activities');
        $resources = [];
        foreach ($request->at('resources')->list(0, self::MOST) as $resource) {
            $id = $resource->at('id')->string(200);
            if (isset($resources[$id]) && '' !== $id) {
                $resource->at('id')->flaw(\sprintf('Two resources are called "%s".', $id));
            }
            $resources[$id] = $resource->at('capacity')->int(0, self::LONGEST_MIN);
        }
        $activities = array_map(self::activity(...), $request->at('activities')->list(0, self::MOST));
        $request->flaws->throwIfAny();

        return SequenceProblem::of($resources, $activities);
    }

    private static function activity(Cursor $activity): Activity
    {
        $activity->knowsOnly('id', 'attendedMin', 'unattendedMin', 'needs', 'holds', 'after');

        return new Activity(
            $activity->at('id')->string(200),
            $activity->at('attendedMin')->int(0, self::LONGEST_MIN),
            $activity->at('unattendedMin')->isNull() ? 0 : $activity->at('unattendedMin')->int(0, self::LONGEST_MIN),
            self::amounts($activity->at('needs')),
            self::amounts($activity->at('holds')),
            $activity->at('after')->strings(),
        );
    }

    /** @return array<int|string, int> */
    private static function amounts(Cursor $amounts): array
    {
        $read = [];
        foreach ($amounts->isNull() ? [] : $amounts->keys() as $resource) {
            $read[$resource] = $amounts->at($resource)->int(0, self::LONGEST_MIN);
        }

        return $read;
    }
}
