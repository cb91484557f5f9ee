<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Finding\AskedPlace;
use FreshTack\Core\Finding\FigureRange;
use FreshTack\Core\Finding\Measure;
use FreshTack\Core\Fluid\DipstickBand;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Quantity\Decimal;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthRange;
use FreshTack\Core\Quantity\LengthUnit;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\SpecBook\PartNeed;
use FreshTack\Core\SpecBook\RowWords;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\TableRow;

/** Where something is measured or seen on one engine, and by what it is judged there. */
final readonly class MeasurePlaces
{
    /** What goes into a gearcase may differ from what its sheet says by so much, in per cent. */
    private const GEARCASE_PERCENT = 10;

    public function __construct(private EngineFacts $facts)
    {
    }

    /**
     * @param list<TableRow> $rows     of the sheet's table that the step goes through
     * @param bool           $isLaidOut whether the parts of these rows lie ready in case they are renewed
     */
    public function asked(Measure $measure, array $rows, bool $isLaidOut): AskedMeasure
    {
        $places = match ($measure) {
            Measure::PlugLook, Measure::PlugGapFound, Measure::PlugGap => $this->numbered('plug', $this->plugs(), $measure),
            Measure::IntakeClearance, Measure::ExhaustClearance => $this->numbered('cylinder', $this->cylinders(), $measure),
            Measure::AnodeLeft => self::anodes($rows, $isLaidOut),
            Measure::LubricationPoint => self::ofRows(
                $rows,
                static fn (TableRow $row, string $key): AskedPlace => new AskedPlace(
                    $key,
                    $row->words('location') ?? '',
                    hint: RowWords::beside($row),
                ),
            ),
            Measure::InspectionPoint => self::ofRows($rows, self::inspected(...)),
            default => [],
        };

        return new AskedMeasure(
            $measure,
            [] === $places ? [new AskedPlace('1', '', range: $this->range($measure))] : $places,
            $this->facts->seen()->at($measure->value),
        );
    }

    private function plugs(): int
    {
        $plug = $this->facts->value(SheetField::SparkPlug->value)?->content;

        return $plug instanceof PartNeed ? $plug->count : $this->cylinders();
    }

    private function cylinders(): int
    {
        $count = $this->facts->value(SheetField::Cylinders->value)?->content;

        return \is_int($count) ? $count : 1;
    }

    /** @return list<AskedPlace> */
    private function numbered(string $what, int $count, Measure $measure): array
    {
        $range = $this->range($measure);

        return array_map(
            static fn (int $number): AskedPlace => new AskedPlace((string) $number, 1 === $count ? '' : $what.' '.$number, range: $range),
            range(1, max(1, $count)),
        );
    }

    /**
     * @param list<TableRow> $rows
     *
     * @return list<AskedPlace> piece by piece
     */
    private static function anodes(array $rows, bool $isLaidOut): array
    {
        $places = [];
        foreach ($rows as $row) {
            $count = $row->number('count') ?? 1;
            for ($piece = 1; $piece <= $count; ++$piece) {
                $places[] = new AskedPlace(
                    (string) (\count($places) + 1),
                    ($row->words('location') ?? 'anode').($count > 1 ? \sprintf(', %d of %d', $piece, $count) : ''),
                    renewAt: $isLaidOut ? $row->number('renewAt') : null,
                    part: $isLaidOut ? $row->words('part') : null,
                    hint: RowWords::beside($row),
                );
            }
        }

        return $places;
    }

    /**
     * @param list<TableRow>                         $rows
     * @param \Closure(TableRow, string): AskedPlace $place
     *
     * @return list<AskedPlace>
     */
    private static function ofRows(array $rows, \Closure $place): array
    {
        return array_map(
            static fn (TableRow $row, int $number): AskedPlace => $place($row, (string) ($number + 1)),
            $rows,
            array_keys($rows),
        );
    }

    /** The answers are its own, some of them findings; the sheet has no more words about them. */
    private static function inspected(TableRow $row, string $key): AskedPlace
    {
        $findings = $row->texts('findings');

        return new AskedPlace($key, $row->words('zone') ?? '', array_map(
            static fn (string $answer): Answer => \in_array($answer, $findings, true)
                ? Answer::finding($answer, ucfirst($answer), 'A finding, says the sheet.')
                : Answer::usual($answer, ucfirst($answer)),
            $row->texts('answers'),
        ), hint: RowWords::beside($row));
    }

    private function range(Measure $measure): ?FigureRange
    {
        $limit = $measure->limit();
        $content = null === $limit ? null : $this->facts->value($limit->value)?->content;

        return match (true) {
            $content instanceof LengthRange => self::lengths($content->min, $content->max),
            $content instanceof Length => self::lengths(null, $content),
            $content instanceof Volume => self::about($content),
            $content instanceof DipstickBand => new FigureRange($content->low, $content->high, 'span'),
            '' !== $measure->unit() => new FigureRange(null, null, $measure->unit()),
            default => null,
        };
    }

    /** A fraction of an inch is measured in millimetres: no gauge reads it. */
    private static function lengths(?Length $min, Length $max): FigureRange
    {
        try {
            return new FigureRange(
                null === $min ? null : Decimal::parse($min->given),
                Decimal::parse($max->given),
                LengthUnit::Inch === $max->unit ? 'in' : 'mm',
            );
        } catch (InvalidQuantity) {
            $millimetres = static fn (Length $length): BigDecimal => BigDecimal::of(\sprintf('%.2f', $length->inMillimetres()));

            return new FigureRange(null === $min ? null : $millimetres($min), $millimetres($max), 'mm');
        }
    }

    private static function about(Volume $volume): FigureRange
    {
        $given = BigDecimal::of($volume->given);
        $share = static fn (int $percent): BigDecimal => $given->multipliedBy($percent)
            ->dividedBy(100, 3, RoundingMode::HalfUp)
            ->strippedOfTrailingZeros();

        return new FigureRange($share(100 - self::GEARCASE_PERCENT), $share(100 + self::GEARCASE_PERCENT), $volume->unit->value);
    }
}
