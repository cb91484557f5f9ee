<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

final readonly class PartsPlan
{
    /**
     * @param list<PartLine> $lines in the order in which they are needed
     * @param list<KitOffer> $kits  taken or worth taking
     */
    public function __construct(public array $lines, public array $kits)
    {
    }
}
