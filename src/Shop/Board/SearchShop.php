<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Register\Register;

/** What the command box finds: boats by name, owner, registration, model or serial number, and an order by its number. */
final readonly class SearchShop
{
    public function __construct(private Register $register, private Orders $orders)
    {
    }

    public function __invoke(string $text): SearchResult
    {
        $text = mb_substr(trim($text), 0, 60);

        return '' === $text ? new SearchResult([], []) : new SearchResult($this->register->search($text), $this->order($text));
    }

    /** @return list<array{number: int, status: string, boat: string}> */
    private function order(string $text): array
    {
        if (1 !== preg_match('/^\d{1,9}$/', $text)) {
            return [];
        }

        try {
            $file = $this->orders->get((int) $text);

            return [['number' => $file->number, 'status' => $file->status->value, 'boat' => $this->register->boat($file->boatId)->name]];
        } catch (NotFound) {
            return [];
        }
    }
}
