<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use FreshTack\Shop\Press\Answer;
use FreshTack\Shop\Press\KnownPress;
use FreshTack\Shop\Press\Press;
use FreshTack\Shop\Press\Presses;

final readonly class DoctrinePresses implements Presses
{
    public function __construct(private Connection $connection)
    {
    }

    public function find(Press $press): ?KnownPress
    {
        $row = $this->connection->fetchAssociative(
            'SELECT asked, status, answer FROM press WHERE account = ? AND id = ? FOR UPDATE',
            [$press->account, $press->id],
        );
        if (false === $row) {
            return null;
        }
        $answer = null === $row['status'] ? null : new Answer(Column::int($row, 'status'), Column::text($row, 'answer'));

        return new KnownPress(new Press($press->account, $press->id, Column::text($row, 'asked')), $answer);
    }

    public function begin(Press $press, \DateTimeImmutable $at): void
    {
        $this->connection->insert('press', [...self::key($press), 'asked' => $press->asked, 'made_at' => $at->format('Y-m-d H:i:s')]);
    }

    public function answer(Press $press, Answer $answer): void
    {
        $this->connection->update('press', ['status' => $answer->status, 'answer' => $answer->body], self::key($press));
    }

    public function forget(Press $press): void
    {
        $this->connection->delete('press', self::key($press));
    }

    /** @return array{account: string, id: string} */
    private static function key(Press $press): array
    {
        return ['account' => $press->account, 'id' => $press->id];
    }
}
