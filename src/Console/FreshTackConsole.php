<?php

declare(strict_types=1);

namespace FreshTack\Console;

use Doctrine\DBAL\Exception as DatabaseException;
use Doctrine\DBAL\Exception\TableNotFoundException;
use FreshTack\Shop\Away;
use FreshTack\Shop\NoShop;
use FreshTack\Storage\Causes;
use FreshTack\Storage\Upkeep\DatabaseAway;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Output\OutputInterface;

/** What the database says in its own words stays in the log; -v shows it. */
final class FreshTackConsole extends Application
{
    private const AWAY = 'The database does not answer. Nothing was changed. See docs/operations.md, The database or PHP is away.';
    private const FULL = 'The server\'s disk is full or can\'t be written. Nothing was changed. See docs/operations.md, The disk is full.';

    public function renderThrowable(\Throwable $e, OutputInterface $output): void
    {
        $told = self::told($e);
        if (null === $told || $output->isVerbose()) {
            parent::renderThrowable($e, $output);
        } else {
            Given::complain($output, $told);
        }
    }

    private static function told(\Throwable $error): ?string
    {
        $away = $error instanceof Away ? $error : DatabaseAway::behind($error);
        if (null !== $away) {
            return 'away.disk' === $away->errorKey ? self::FULL : self::AWAY;
        }
        foreach (Causes::of($error) as $cause) {
            if ($cause instanceof NoShop) {
                return $cause->getMessage();
            }
            if ($cause instanceof TableNotFoundException) {
                return 'The database is empty: it has no tables yet. bin/start makes them, and bin/start --empty opens a shop of your own.';
            }
            if ($cause instanceof DatabaseException || $cause instanceof \PDOException) {
                return 'The database refused this. Nothing was changed. What it said stands in the log; with -v it is shown here.';
            }
        }

        return null;
    }
}
