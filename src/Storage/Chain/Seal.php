<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

use FreshTack\Exchange\Json;

/**
 * HMAC-SHA-256 over a link's content, its place and the seal before it. Whoever can write to the database can't make
 * one: the key stands outside of it.
 */
final readonly class Seal
{
    private const SHORTEST_KEY = 16;

    public function __construct(#[\SensitiveParameter] private string $chainKey)
    {
    }

    /**
     * @param int           $place   1 for the first
     * @param string        $before  the seal before it; empty for the first
     * @param array<string> $content its columns, always in the same order
     *
     * @return string 64 hexadecimal digits
     */
    public function of(ChainName $chain, int $place, string $before, array $content): string
    {
        return $this->signed(['link', $chain->text, $place, $before, array_values($content)]);
    }

    /** Says how long the chain is, so that nothing can be cut off its end. */
    public function head(ChainName $chain, int $links, string $last): string
    {
        return $this->signed(['head', $chain->text, $links, $last]);
    }

    /** Over a file that leaves the shop. */
    public function file(string $name, string $text): string
    {
        return $this->signed(['file', $name, hash('sha256', $text)]);
    }

    /** @param array<mixed> $told */
    private function signed(array $told): string
    {
        \strlen($this->chainKey) >= self::SHORTEST_KEY
            || throw new \RuntimeException('FRESH_TACK_CHAIN_KEY is missing or too short; see docs/operations.md, Seals.');

        return hash_hmac('sha256', Json::encode($told), $this->chainKey);
    }
}
