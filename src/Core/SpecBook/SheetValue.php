<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Fluid\DipstickBand;
use FreshTack\Core\Fluid\GradeChart;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Schedule\Interval;

/** One sourced value of a sheet. A value nobody has sourced is not here at all: it is a hole. */
final readonly class SheetValue
{
    public function __construct(
        public SheetField $field,
        public Volume|Length|Minutes|Turns|PartNeed|Tightening|GradeChart|DipstickBand|Interval|string|bool $content,
        public Source $source,
    ) {
    }

    /** The figure with its unit, as a step or a print shows it. */
    public function figure(): string
    {
        $content = $this->content;

        return match (true) {
            \is_bool($content) => $content ? 'yes' : 'no',
            \is_string($content) => ValueKind::Choice === $this->field->kind() ? str_replace('_', ' ', $content) : $content,
            $content instanceof Volume => $content->inBothUnits(),
            $content instanceof Length => $content->asGiven(),
            $content instanceof Minutes => $content->count.' min',
            $content instanceof Turns => $content->withUnit(),
            $content instanceof PartNeed => $content->count > 1 ? $content->count.' × '.$content->number : $content->number,
            $content instanceof Tightening => $content->figure(),
            default => $content->text(),
        };
    }

    public function detail(): ?string
    {
        return match (true) {
            $this->content instanceof Tightening => $this->content->detail(),
            $this->content instanceof DipstickBand => 'counted from the low mark (0) to the top mark (1)',
            default => null,
        };
    }
}
