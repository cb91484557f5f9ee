<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Customer;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\Register;

/** What the command box finds: orders by number; boats, owners and engines by any part of a name, registration, model or serial number. */
final readonly class SearchShop
{
    private const MOST = 8;
    private const MOST_OTHERS = 4;

    public function __construct(private Register $register, private Search $search)
    {
    }

    public function __invoke(string $text): SearchResult
    {
        $text = mb_substr(trim($text), 0, 60);

        return '' === $text ? new SearchResult([], [], [], []) : new SearchResult(
            $this->register->boats($this->search->boats($text, self::MOST)),
            $this->search->orders($text, self::MOST_OTHERS),
            $this->there($this->search->customers($text, self::MOST_OTHERS), fn (int $id): Customer => $this->register->customer($id)),
            $this->there($this->search->engines($text, self::MOST_OTHERS), fn (int $id): Engine => $this->register->engine($id)),
        );
    }

    /**
     * @template T
     *
     * @param list<int>        $ids
     * @param \Closure(int): T $find
     *
     * @return list<T> without those that were removed a moment ago
     */
    private function there(array $ids, \Closure $find): array
    {
        $found = [];
        foreach ($ids as $id) {
            try {
                $found[] = $find($id);
            } catch (NotFound) {
                continue;
            }
        }

        return $found;
    }
}
