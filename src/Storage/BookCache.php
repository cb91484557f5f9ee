<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use FreshTack\Core\Order\OrderBuilder;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Cache\InvalidArgumentException;

/**
 * What was read from documents of the book, kept as PHP that is compiled once. It is found by its documents' own
 * texts, so that it can never be another book's, and by the version of what reads them.
 */
final readonly class BookCache
{
    public function __construct(private CacheItemPoolInterface $cache)
    {
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param string          $texts of all documents that go into it
     * @param \Closure(): T   $read
     *
     * @return T
     */
    public function kept(string $class, string $texts, \Closure $read): object
    {
        try {
            $item = $this->cache->getItem(hash('xxh128', OrderBuilder::VERSION.$class.$texts).hash('crc32b', $texts));
        } catch (InvalidArgumentException $error) {
            throw new \LogicException('A key of letters and digits is no key.', 0, $error);
        }
        $kept = $item->get();
        if ($kept instanceof $class) {
            return $kept;
        }
        $made = $read();
        $this->cache->save($item->set($made));

        return $made;
    }
}
