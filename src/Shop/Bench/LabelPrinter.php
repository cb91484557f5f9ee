<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

/** Where filter labels come out. */
interface LabelPrinter
{
    /**
     * @param string $pdf a page for each label, at its size
     *
     * @return int how many labels
     *
     * @throws NotPrinted
     */
    public function print(int $order, string $pdf): int;
}
