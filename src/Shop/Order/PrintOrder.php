<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Finding\Observation;
use FreshTack\Exchange\Printer;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\ShopSettings;

/** The order sheet of an issued order, and the service record and the filter labels of a released one. */
final readonly class PrintOrder
{
    public function __construct(private Orders $orders, private Register $register, private ShopSettings $settings, private Printer $printer)
    {
    }

    /**
     * @param 'a4'|'letter' $paper
     *
     * @throws NotFound|Conflict if there is no such order, or it is not far enough
     */
    public function __invoke(int $number, string $what, string $paper): string
    {
        $file = $this->orders->get($number);
        $boat = $this->register->boat($file->boatId);
        $content = 'sheet' === $what
            ? ['work' => $file->issuedDocument(), 'boat' => $boat, 'appearances' => Observation::answersTo('oil_appearance'), 'leaks' => Observation::answersTo('leaks'), 'tellTales' => Observation::answersTo('tell_tale')]
            : ['record' => $file->record ?? throw Conflict::notReleased($number)];

        return $this->printer->print($what, [...$content, 'shop' => $this->settings->name(), 'number' => $number], $paper, \sprintf('%s   ·   order %d   ·   %s', $this->settings->name(), $number, $boat->name));
    }
}
