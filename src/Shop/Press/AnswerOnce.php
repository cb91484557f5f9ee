<?php

declare(strict_types=1);

namespace FreshTack\Shop\Press;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/**
 * Carries out what was pressed, and gives the same answer again to whoever sends the same press again. What was refused
 * is not remembered.
 */
final readonly class AnswerOnce
{
    public function __construct(private Presses $presses, private Unit $unit, private ClockInterface $clock)
    {
    }

    /**
     * @param \Closure(): Answer $work kept in one unit of work with its answer
     *
     * @throws Conflict|InvalidDocument if something else was asked for with the same press
     */
    public function inOneUnit(Press $press, \Closure $work): Answer
    {
        return $this->unit->run(function () use ($press, $work): Answer {
            $known = $this->begun($press);
            if (null !== $known) {
                return $known;
            }
            $answer = $work();
            $answer->isGood() ? $this->presses->answer($press, $answer) : $this->presses->forget($press);

            return $answer;
        });
    }

    /**
     * For what can't be taken back, such as a message: begun, done and answered are three steps, and what was begun and
     * never answered is not done again.
     *
     * @param \Closure(): Answer $work
     *
     * @throws ExpectedError if the work is refused, something else was asked for with the same press, or how it ended is not known
     */
    public function outside(Press $press, \Closure $work): Answer
    {
        $known = $this->unit->run(fn (): ?Answer => $this->begun($press));
        if (null !== $known) {
            return $known;
        }

        try {
            $answer = $work();
        } catch (ExpectedError $error) {
            $this->unit->run(fn () => $this->presses->forget($press));

            throw $error;
        }
        $this->unit->run(fn () => $this->presses->answer($press, $answer));

        return $answer;
    }

    /** @throws Conflict|InvalidDocument */
    private function begun(Press $press): ?Answer
    {
        $known = $this->presses->find($press);
        if (null === $known) {
            $this->presses->begin($press, $this->clock->now());

            return null;
        }
        if ($known->press->asked !== $press->asked) {
            throw InvalidDocument::at('', 'Something else was asked for with this Idempotency-Key before. Make a new one for each press.');
        }

        return $known->answer ?? throw Conflict::unanswered();
    }
}
