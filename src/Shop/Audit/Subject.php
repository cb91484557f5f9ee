<?php

declare(strict_types=1);

namespace FreshTack\Shop\Audit;

/** What a line of the trail is about. Rows are named by their number, since names change. */
final readonly class Subject
{
    private function __construct(private string $kind, private string $key)
    {
    }

    public static function order(int $number): self
    {
        return new self('order', (string) $number);
    }

    public static function boat(int $id): self
    {
        return new self('boat', (string) $id);
    }

    public static function engine(int $id): self
    {
        return new self('engine', (string) $id);
    }

    public static function customer(int $id): self
    {
        return new self('customer', (string) $id);
    }

    public static function sheet(string $id, int $revision): self
    {
        return new self('sheet', $id.' rev. '.$revision);
    }

    public static function procedure(string $id): self
    {
        return new self('procedure', $id);
    }

    public static function model(string $code): self
    {
        return new self('model', $code);
    }

    public static function part(string $number): self
    {
        return new self('part', $number);
    }

    public static function oil(string $id): self
    {
        return new self('oil', $id);
    }

    public static function flag(int $id): self
    {
        return new self('flag', (string) $id);
    }

    public static function proposal(int $id): self
    {
        return new self('proposal', (string) $id);
    }

    public static function refusal(int $id): self
    {
        return new self('refusal', (string) $id);
    }

    /** @param int|null $boatId null: of the whole shop */
    public static function calendar(?int $boatId): self
    {
        return new self('calendar', null === $boatId ? 'shop' : (string) $boatId);
    }

    public static function catalogue(): self
    {
        return new self('catalogue', '');
    }

    public static function book(): self
    {
        return new self('book', '');
    }

    public static function account(string $username): self
    {
        return new self('account', $username);
    }

    public static function shop(): self
    {
        return new self('shop', '');
    }

    /** Such as `order 2401`. */
    public function name(): string
    {
        return rtrim($this->kind.' '.$this->key);
    }
}
