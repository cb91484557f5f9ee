<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\ValueReader;

/** What `fluid:containers` and `fluid:level` read. */
final readonly class FluidRequestReader
{
    private const LONGEST_REST_MIN = 100_000;

    /**
     * @return array{Volume, list<Container>} the need with its reserve, the shelf
     *
     * @throws InvalidDocument with all that is wrong
     */
    public static function containers(mixed $document): array
    {
        $request = Cursor::over($document);
        $request->knowsOnly('need', 'reserve', 'containers');
        $need = ValueReader::volume($request->at('need'));
        $reserve = $request->at('reserve')->isNull() ? Volume::whole(0) : ValueReader::volume($request->at('reserve'));
        $shelf = $ids = [];
        foreach ($request->at('containers')->list(0, 200) as $entry) {
            $entry->knowsOnly('id', 'size', 'priceMinor', 'inStock', 'opened');
            $container = self::container($entry);
            $id = $entry->at('id')->raw();
            if (\is_string($id) && isset($ids[$id])) {
                $entry->at('id')->flaw(\sprintf('Two containers are called "%s".', $id));
            }
            $ids[\is_string($id) ? $id : ''] = true;
            $shelf = [...$shelf, ...(null === $container ? [] : [$container])];
        }
        $request->flaws->throwIfAny();

        return null === $need || null === $reserve ? throw new \LogicException('A volume that can\'t be read is a flaw.') : [$need->plus($reserve), $shelf];
    }

    /**
     * @return array{LevelQuestion, DipstickSpec}
     *
     * @throws InvalidDocument with all that is wrong
     */
    public static function level(mixed $document): array
    {
        $request = Cursor::over($document);
        $request->knowsOnly('reading', 'span', 'band', 'onArrival', 'hasRun', 'restMin', 'restRequiredMin', 'topUpMax', 'roundTo');
        $text = $request->at('reading')->string(20);
        $reading = '' === $text ? null : $request->at('reading')->attempt(static fn (): DipstickReading => DipstickReading::of($text));
        $band = self::band($request->at('band'));
        $span = ValueReader::volume($request->at('span'));
        $topUpMax = ValueReader::volume($request->at('topUpMax'));
        $roundTo = ValueReader::volume($request->at('roundTo'));
        if (null !== $topUpMax && null !== $roundTo && !$topUpMax->isAtLeast($roundTo)) {
            $request->at('roundTo')->flaw(
                'The step is larger than the largest top-up, so that nothing could ever be poured. Give a finer one.',
            );
        }
        $onArrival = $request->at('onArrival')->bool();
        $hasRun = $request->at('hasRun')->bool();
        $rest = self::minutes($request->at('restMin'));
        $required = self::minutes($request->at('restRequiredMin'));
        $request->flaws->throwIfAny();

        return null === $reading || null === $band || null === $span || null === $topUpMax || null === $roundTo
            ? throw new \LogicException('What can\'t be read is a flaw.') : [new LevelQuestion($reading, $onArrival, $hasRun, $rest, $required), new DipstickSpec($span, $band, $topUpMax, $roundTo)];
    }

    private static function container(Cursor $entry): ?Container
    {
        $id = $entry->at('id')->string(200);
        $size = ValueReader::volume($entry->at('size'));
        $price = $entry->at('priceMinor')->int(0, 1_000_000_000);
        $stock = $entry->at('inStock')->optionalInt(0, 1_000_000);
        $opened = $entry->at('opened')->isNull() ? null : ValueReader::volume($entry->at('opened'));

        return null === $size ? null : new Container($id, $size, $price, $stock, $opened);
    }

    private static function band(Cursor $band): ?DipstickBand
    {
        $edges = array_map(static fn (Cursor $edge): string => $edge->string(20), $band->list(2, 2));

        return 2 === \count($edges) && !\in_array('', $edges, true) ? $band->attempt(static fn (): DipstickBand => DipstickBand::of($edges[0], $edges[1])) : null;
    }

    private static function minutes(Cursor $minutes): Minutes
    {
        $count = $minutes->int(0, self::LONGEST_REST_MIN);

        return $minutes->attempt(static fn (): Minutes => Minutes::of($count)) ?? Minutes::none();
    }
}
