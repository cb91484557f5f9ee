<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** Parts that an operation fits, by the path of the sheet's value or table that names them. */
final readonly class PartUse
{
    /**
     * @param string       $column of a table: the column that holds the number
     * @param RowFilter|null $where  of a table: which of its rows
     * @param bool         $atHand laid out in case they are needed; not used up by the order as it stands
     */
    public function __construct(public string $field, public bool $singleUse, public Condition $when, public string $column = 'part', public ?RowFilter $where = null, public bool $atHand = false)
    {
    }
}
