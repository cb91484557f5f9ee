<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\PrintOrder;
use FreshTack\Shop\Seal\SealBroken;
use FreshTack\Shop\Unit;

/** The filter labels of a released order, at the label printer. */
final readonly class PrintLabel
{
    public function __construct(
        private PrintOrder $print,
        private LabelPrinter $printer,
        private AuditLog $audit,
        private Unit $unit,
    ) {
    }

    /**
     * @return int how many labels
     *
     * @throws NotFound|Conflict|SealBroken|NotPrinted if there is no such record, or the printer does not take it
     */
    public function __invoke(int $number, string $by): int
    {
        $labels = $this->printer->print($number, ($this->print)($number, 'label', 'a4', 'full', ''));
        $this->unit->run(fn () => $this->audit->add($by, 'label.printed', Subject::order($number), ['labels' => $labels]));

        return $labels;
    }
}
