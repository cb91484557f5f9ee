<?php

declare(strict_types=1);

namespace FreshTack\Shop;

use FreshTack\Core\ExpectedError;

/** Somebody else was faster, or the order is no longer where this needs it. Nothing was overwritten. */
final class Conflict extends \RuntimeException implements ExpectedError
{
    private function __construct(private readonly string $errorKey, string $message)
    {
        parent::__construct($message);
    }

    public static function changedMeanwhile(string $what): self
    {
        return new self('conflict.changed', \sprintf('%s was changed by somebody else meanwhile. Nothing of theirs was overwritten: load it again, and enter yours on top.', $what));
    }

    public static function ofAnotherOrder(int $number, int $other): self
    {
        return new self(
            'conflict.other_order',
            \sprintf('This was entered on order %d and not on order %d. Nothing was changed.', $other, $number),
        );
    }

    /** @param string $boat the name of the boat that the order is for */
    public static function otherEngines(int $number, string $boat): self
    {
        return new self(
            'conflict.engines',
            \sprintf('The engines of this draft are not those of %s, which order %d is for. Nothing was changed: load it again.', $boat, $number),
        );
    }

    public static function rigChanged(string $boat): self
    {
        return new self(
            'conflict.engines',
            \sprintf('Other engines hang on %s than those that were entered. Nothing was changed: enter all that hang there now.', $boat),
        );
    }

    /** @param list<string> $against what was done, or stands open */
    public static function tooLateToCancel(int $number, array $against): self
    {
        return new self(
            'order.work_begun',
            \sprintf(
                'Work on order %d has begun. %s Put back what is open; what was done has to stand in a record: '
                .'enter what could not be done, and release it.',
                $number,
                implode(' ', $against),
            ),
        );
    }

    public static function countsAlready(): self
    {
        return new self('log.counts', 'This line counts: there is nothing to bring back.');
    }

    /** @param string $evidence the order that it was done by */
    public static function doneByOrder(string $evidence): self
    {
        return new self('log.by_order', \sprintf('This was done by %s and stands in its record, which does not change.', $evidence));
    }

    public static function lastManager(string $name): self
    {
        $told = '%s is the last service manager. Let another one in first; nothing was changed.';

        return new self('conflict.last_manager', \sprintf($told, $name));
    }

    public static function shopIsOpen(): self
    {
        return new self(
            'conflict.shop_open',
            'This shop has its first manager already. Sign in, or ask them for an account; nothing was changed.',
        );
    }

    public static function lockedOut(string $name): self
    {
        return new self('conflict.locked_out', \sprintf('%s is locked out. Let them in again first; nothing was changed.', $name));
    }

    public static function nameTaken(string $username): self
    {
        return new self('conflict.name_taken', \sprintf('There is an account "%s" already. Take another name; nothing was changed.', $username));
    }

    /** @param string $because in a sentence */
    public static function doesNotFit(string $because): self
    {
        return new self('log.does_not_fit', \sprintf('It does not fit what was written down since. %s', $because));
    }

    public static function nothingMoved(): self
    {
        return new self('move.none', 'This engine has not been moved since moves are kept, or its last move was taken back already.');
    }

    public static function movedSince(string $engine): self
    {
        return new self('move.since', \sprintf('%s hangs elsewhere by now. Take that move back first.', $engine));
    }

    public static function broughtBack(): self
    {
        return new self('removed.gone', 'Somebody has brought this back already. Load the list again.');
    }

    public static function placeOfRemoved(string $name): self
    {
        return new self(
            'removed.taken',
            \sprintf('%s can\'t be brought back: its serial number or its place is taken by now. Free that first.', $name),
        );
    }

    public static function ownerOfRemoved(string $name): self
    {
        return new self(
            'removed.owner',
            \sprintf('%s can\'t be brought back: its owner was removed as well. Bring the owner back first.', $name),
        );
    }

    public static function joinedWithItself(): self
    {
        return new self('customer.same', 'A customer can\'t be joined with themselves. Choose the other one.');
    }

    public static function wrongStatus(int $number, string $status, string $verb): self
    {
        return new self('conflict.status', \sprintf('Order %d is %s and can\'t be %s any more.', $number, str_replace('_', ' ', $status), $verb));
    }

    /**
     * @param string $what the engine, or the operation, by its name
     * @param string $who  by name
     */
    public static function takenOn(string $what, string $who): self
    {
        return new self('conflict.taken_on', \sprintf('%s was taken on by %s meanwhile. Ask them, or take it over.', $what, $who));
    }

    public static function engineReleased(string $label): self
    {
        return new self('conflict.engine_released', \sprintf('%s is released already.', $label));
    }

    public static function engineNotReleased(string $label): self
    {
        return new self('conflict.engine_not_released', \sprintf('%s is not released: there is nothing to take back.', $label));
    }

    public static function notIssued(int $number): self
    {
        return new self('conflict.not_issued', \sprintf('Order %d has not been issued yet: there is nothing to print or to work from.', $number));
    }

    public static function notReleased(int $number): self
    {
        return new self('conflict.not_released', \sprintf('Order %d has not been released yet: there is no service record.', $number));
    }

    public static function planChanged(): self
    {
        return new self(
            'order.plan_changed',
            'The plan is no longer the one that you saw: something that it rests on has changed. Nothing was issued.'
            .' Look at what changed, then issue it.',
        );
    }

    public static function nothingToIssue(): self
    {
        return new self('order.nothing_to_issue', 'No task of this order can be issued. Pick a task that is not blocked.');
    }

    public static function serialTaken(string $serial, ?string $boat): self
    {
        return new self('register.serial_taken', \sprintf('Serial number %s is already in the register, %s. Check the plate of both; if it is the same engine, move it.', $serial, null === $boat ? 'in store' : 'on '.$boat));
    }

    public static function hasHistory(string $name, string $because, string $remedy): self
    {
        return new self('register.has_history', \sprintf('%s can\'t be removed: %s. %s', $name, $because, $remedy));
    }

    public static function openOrder(int $number): self
    {
        return new self('register.open_order', \sprintf('Order %d is open on this boat. Release it before its engines change places.', $number));
    }

    public static function placeTaken(string $boat, string $place, string $engine): self
    {
        return new self('register.place_taken', \sprintf('%s, %s: %s hangs there. Swap the two, or take that one off first.', $boat, strtolower($place), $engine));
    }

    public static function revisionExists(string $name): self
    {
        return new self('book.revision_exists', \sprintf('%s is in the book already. A published revision never changes: start a new one.', $name));
    }

    public static function sheetStatus(string $name, string $status, string $verb): self
    {
        return new self('book.status', \sprintf('%s is %s and can\'t be %s.', $name, $status, $verb));
    }

    public static function ownReview(string $name): self
    {
        return new self('book.own_review', \sprintf('%s is yours, or values of it are: somebody else has to review it. Whoever looks a value up again and confirms it takes it over.', $name));
    }

    public static function workHasBegun(int $number): self
    {
        return new self('order.work_begun', \sprintf('Work on order %d has begun with the older figures, so it can\'t be made anew. Keep them, and tell the technician what changed.', $number));
    }

    public static function ofTodaysFormat(int $number): self
    {
        return new self(
            'order.of_today',
            \sprintf('Order %d was issued by the rules of today. If a sheet changed since, decide on its flag in the book.', $number),
        );
    }

    /** @param string $how such as "turned down" */
    public static function alreadyDecided(string $what, string $how, string $by): self
    {
        return new self(
            'conflict.decided',
            \sprintf('%s was %s by %s already. Nothing was changed: load the list again.', $what, $how, $by),
        );
    }

    public static function alreadyIn(string $boat, int $number): self
    {
        return new self(
            'order.already_in',
            \sprintf('%s has an open order, %d. Go on with that one, or say that you want a second one beside it.', $boat, $number),
        );
    }

    public static function partThere(string $number, string $description, string $bin): self
    {
        return new self(
            'part.there',
            \sprintf('%s is in the catalogue already: %s, in bin %s. Open that one.', $number, $description, $bin),
        );
    }

    public static function oilThere(string $product, string $size): self
    {
        return new self('oil.there', \sprintf('%s in containers of %s stands on the shelf already. Change that one.', $product, $size));
    }

    public static function unanswered(): self
    {
        return new self(
            'press.unanswered',
            'This was begun before, and how it ended is not known. See whether it was done; if not, do it again.',
        );
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
