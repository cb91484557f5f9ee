<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\NotFound;
use FreshTack\Shop\Parts\Catalogue;
use FreshTack\Shop\Register\Customer;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\Register;

/**
 * What the command box finds: orders and parts by number; boats, owners and engines by any part of a name, registration,
 * model, serial or telephone number. Where nothing is spelt so, one wrong letter in a word is forgiven.
 */
final readonly class SearchShop
{
    private const MOST = 8;
    private const MOST_OTHERS = 4;

    public function __construct(private Register $register, private Search $search, private Catalogue $catalogue)
    {
    }

    public function __invoke(string $typed): SearchResult
    {
        $text = SearchText::of($typed);
        $order = $text->order();
        $orders = null === $order ? [] : $this->search->orders($order, self::MOST_OTHERS);
        if ('' === $text->text || $text->isOrderOnly()) {
            return new SearchResult([], $orders, [], [], [], 0);
        }
        $found = $this->search->called($text->phones());
        $found = $found->isEmpty() ? $this->search->find($text->text) : $found;
        if ($found->isEmpty() && [] === $orders && [] === $text->phones()) {
            $found = $this->search->near($text->text);
        }

        return $this->shown($found, $orders, $text);
    }

    /** @param list<array{number: int, status: string, boat: string}> $orders */
    private function shown(Found $found, array $orders, SearchText $text): SearchResult
    {
        $parts = $this->catalogue->search($text->text, self::MOST_OTHERS);
        $boats = \array_slice($found->boats, 0, self::MOST);
        $customers = \array_slice($found->customers, 0, self::MOST_OTHERS);
        $engines = \array_slice($found->engines, 0, self::MOST_OTHERS);

        return new SearchResult(
            $this->register->boats($boats),
            $orders,
            $this->there($customers, fn (int $id): Customer => $this->register->customer($id)),
            $this->there($engines, fn (int $id): Engine => $this->register->engine($id)),
            $parts,
            $found->count() - \count($boats) - \count($customers) - \count($engines),
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
