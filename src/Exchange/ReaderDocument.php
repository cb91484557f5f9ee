<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;

/**
 * What an engine told its reader (docs/formats/engine-reader.schema.json).
 *
 * @phpstan-type Told array{serial: string, on: \DateTimeImmutable, hours: EngineHours, bands: list<array{from: int, to: int, percent: int}>, faults: list<array{code: string, text: string, count: int}>}
 */
final readonly class ReaderDocument
{
    public const FORMAT = 'fresh-tack/engine-reader/1';
    private const FASTEST = 12_000;

    /**
     * @return Told
     *
     * @throws InvalidDocument with all that makes no sense
     */
    public static function read(string $text): array
    {
        $document = Cursor::over(Json::read($text));
        if (self::FORMAT !== $document->at('format')->raw()) {
            $document->at('format')->flaw(\sprintf('This is no report of an engine reader: its format is not %s.', self::FORMAT));
        }
        $document->knowsOnly('format', 'serial', 'date', 'hours', 'speedBands', 'faults');
        $hours = $document->at('hours')->string(12);
        $told = [
            'serial' => $document->at('serial')->string(30),
            'on' => $document->at('date')->day(),
            'hours' => '' === $hours ? null : $document->at('hours')->attempt(static fn (): EngineHours => EngineHours::of($hours)),
            'bands' => self::bands($document->at('speedBands')),
            'faults' => array_map(static fn (Cursor $fault): array => ['code' => $fault->at('code')->string(20), 'text' => $fault->at('text')->string(200), 'count' => $fault->at('count')->int(1, 1_000_000)], $document->at('faults')->list(0, 100)),
        ];
        $document->flaws->throwIfAny();

        return null === $told['hours'] ? throw new \LogicException('Hours that can\'t be read are a flaw.') : $told;
    }

    /** @return list<array{from: int, to: int, percent: int}> */
    private static function bands(Cursor $bands): array
    {
        $read = array_map(static fn (Cursor $band): array => ['from' => $band->at('fromRpm')->int(0, self::FASTEST), 'to' => $band->at('toRpm')->int(1, self::FASTEST), 'percent' => $band->at('percent')->int(0, 100)], $bands->list(0, 20));
        $sum = array_sum(array_column($read, 'percent'));
        if ([] !== $read && abs($sum - 100) > \count($read)) {
            $bands->flaw(\sprintf('The shares of time add up to %d %%, not to 100.', $sum));
        }

        return $read;
    }
}
