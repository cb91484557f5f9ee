<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Fluid\DipstickBand;
use FreshTack\Core\Fluid\GradeChart;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthRange;
use FreshTack\Core\Quantity\Mass;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Power;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Schedule\Interval;

/** One value of a sheet with its source. A value that is not usable, or not there at all, is a hole. */
final readonly class SheetValue
{
    public function __construct(
        public SheetField $field,
        public Volume|Length|LengthRange|Mass|Power|Minutes|Turns|PartNeed|Tightening|GradeChart|DipstickBand|Interval|Choices|Table|string|int|bool $content,
        public Source $source,
        public Standing $standing = Standing::Own,
        public ?Entered $entered = null,
    ) {
    }

    /** The figure with its unit, as a step or a print shows it. */
    public function figure(): string
    {
        $content = $this->content;

        return match (true) {
            \is_bool($content) => $content ? 'yes' : 'no',
            \is_int($content) => (string) $content,
            \is_string($content) => ValueKind::Choice === $this->field->kind() ? str_replace('_', ' ', $content) : $content,
            $content instanceof Volume, $content instanceof Mass => $content->inBothUnits(),
            $content instanceof Length, $content instanceof LengthRange, $content instanceof Power => $content->asGiven(),
            $content instanceof Minutes => $content->count.' min',
            $content instanceof Turns => $content->withUnit(),
            $content instanceof PartNeed => $content->count > 1 ? $content->count.' × '.$content->number : $content->number,
            $content instanceof Tightening => $content->figure(),
            default => $content->text(),
        };
    }

    public function detail(): ?string
    {
        $detail = match (true) {
            $this->content instanceof Tightening, $this->content instanceof Interval => $this->content->detail(),
            $this->content instanceof DipstickBand => 'counted from the low mark (0) to the top mark (1)',
            default => null,
        };

        return Standing::Filled === $this->standing ? (null === $detail ? '' : $detail.' · ').'† filled in on this order' : $detail;
    }

    public function isUsable(): bool
    {
        return $this->standing->isUsable();
    }
}
