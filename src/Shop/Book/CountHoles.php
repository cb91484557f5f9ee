<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use Psr\Cache\CacheItemPoolInterface;
use Psr\Cache\InvalidArgumentException;

/** How many holes the published book has. Counted once for each state of the book, since the board asks all day long. */
final readonly class CountHoles
{
    public function __construct(private ListHoles $holes, private SpecBook $book, private CacheItemPoolInterface $cache)
    {
    }

    public function __invoke(): int
    {
        try {
            $item = $this->cache->getItem('holes.'.hash('sha256', $this->book->stamp()));
        } catch (InvalidArgumentException $error) {
            throw new \LogicException('A key of letters and digits is no key.', 0, $error);
        }
        $known = $item->get();
        if ($item->isHit() && \is_int($known)) {
            return $known;
        }
        $count = \count(($this->holes)());
        $this->cache->save($item->set($count)->expiresAfter(86_400));

        return $count;
    }
}
