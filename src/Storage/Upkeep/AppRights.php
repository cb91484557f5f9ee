<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\DBAL\Connection;

/**
 * What the application's account may do, table by table; renewed whenever tables were changed. What is written for good
 * can be added to and not be changed.
 */
final readonly class AppRights
{
    private const ROWS = ['SELECT', 'INSERT', 'UPDATE', 'DELETE'];
    private const ADD_ONLY = ['SELECT', 'INSERT'];
    private const NONE = [];

    public const TABLES = [
        'account' => self::ROWS,
        'audit_entry' => self::ADD_ONLY,
        'background_message' => self::ROWS,
        'bench_claim' => self::ROWS,
        'bench_entry' => self::ADD_ONLY,
        'boat' => self::ROWS,
        'calendar_feed' => self::ROWS,
        'cart_confirmation' => self::ROWS,
        'chain_head' => ['SELECT', 'INSERT', 'UPDATE'],
        'customer' => self::ROWS,
        'due_day' => self::ROWS,
        'due_line' => self::ROWS,
        'due_stale' => self::ROWS,
        'engine' => self::ROWS,
        'engine_due' => self::ROWS,
        'engine_model' => self::ROWS,
        'engine_move' => self::ROWS,
        'first_run' => self::ROWS,
        'fitting' => self::ROWS,
        'hour_reading' => self::ROWS,
        'kit_line' => self::ROWS,
        'login_failure' => self::ROWS,
        'message' => self::ROWS,
        'migration_version' => self::NONE,
        'order_flag' => self::ROWS,
        'part' => self::ROWS,
        'password_link' => self::ROWS,
        'press' => self::ROWS,
        'procedure_document' => self::ROWS,
        'proposal' => self::ROWS,
        'reader_report' => self::ROWS,
        'refusal' => self::ROWS,
        'removed' => self::ROWS,
        'search_piece' => self::ROWS,
        'sheet_range' => self::ROWS,
        'shelf_oil' => self::ROWS,
        'shop' => self::ROWS,
        'shop_logo' => self::ROWS,
        'spec_sheet' => self::ROWS,
        'taken_back' => self::ROWS,
        'task_declined' => self::ROWS,
        'task_done' => self::ADD_ONLY,
        'work_order' => self::ROWS,
        'work_order_line' => self::ROWS,
    ];

    public function __construct(private Connection $connection)
    {
    }

    /** @param string $account such as `fresh_tack_app`; asked for by the account that owns the tables */
    public function grant(string $account): void
    {
        foreach (array_filter(self::TABLES, static fn (array $rights): bool => [] !== $rights) as $table => $rights) {
            // what is given first is never missing meanwhile
            $this->connection->executeStatement(\sprintf("GRANT %s ON $table TO '$account'@'127.0.0.1'", implode(', ', $rights)));
            $refused = implode(', ', array_diff(self::ROWS, $rights));
            if ('' !== $refused) {
                $this->connection->executeStatement("REVOKE $refused ON $table FROM '$account'@'127.0.0.1'");
            }
        }
    }

    /** @return list<string> tables that nobody has listed above: the application can't even read them */
    public function unlisted(): array
    {
        $there = array_filter($this->connection->fetchFirstColumn('SHOW TABLES'), \is_string(...));

        return array_values(array_diff($there, array_keys(self::TABLES)));
    }
}
