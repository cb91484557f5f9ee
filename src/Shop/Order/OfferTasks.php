<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Due\TaskDue;
use FreshTack\Core\Order\Offer;
use FreshTack\Core\Order\WhileThere;
use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Policy\Question;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Schedule\DueState;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;

/** What else an order could do while the engines are open: what it costs now and alone, and when it would be due. */
final readonly class OfferTasks
{
    public function __construct(private DraftRequests $requests, private SpecBook $book, private WhileThere $whileThere, private ShopSettings $settings, private Today $today)
    {
    }

    /**
     * @return list<TaskOffer> what the shop's policy asks for first, then those that come due before the next visit first, then by what doing them now saves
     *
     * @throws NotFound|InvalidQuantity|InvalidDocument|GateBroken|CannotPlan
     */
    public function __invoke(OrderFile $file, Draft $draft): array
    {
        $asked = $this->requests->of($file, $draft, Task::cases());
        if (null === $asked->request) {
            return [];
        }
        $candidates = [];
        foreach ($asked->assessed as $index => $engine) {
            $candidates[$engine->engine->position->value ?? ''] = $this->candidates($engine, $asked->draft->engines[$index]);
        }
        $early = 'fresh' !== $asked->boat->use->water && $this->settings->schools()->is(Question::InternalAnodes, 'early_in_salt');
        $told = [];
        foreach ($this->whileThere->offers($asked->request, $candidates) as $offer) {
            foreach ($asked->assessed as $index => $engine) {
                if ($offer->position === $engine->engine->position) {
                    $told[] = $this->told($offer, $engine, $asked->draft->engines[$index], $early);
                }
            }
        }
        usort($told, static fn (TaskOffer $a, TaskOffer $b): int => [$b->byPolicy, $b->beforeNext, $b->offer->savesMin()] <=> [$a->byPolicy, $a->beforeNext, $a->offer->savesMin()]);

        return array_values(array_filter($told, static fn (TaskOffer $offer): bool => $offer->beforeNext || $offer->offer->savesMin() > 0));
    }

    /** @return list<Task> not yet due, not picked, and the book knows how */
    private function candidates(EngineAssessment $engine, DraftEngine $drafted): array
    {
        $waiting = array_filter($engine->dues, static fn (TaskDue $due): bool => \in_array($due->assessment->state, [DueState::NotDue, DueState::Soon], true) && null === $due->listedIn && !\in_array($due->task, $drafted->tasks, true));

        return array_values(array_filter(array_map(static fn (TaskDue $due): Task => $due->task, $waiting), fn (Task $task): bool => \in_array($task, $this->book->tasks(), true)));
    }

    /** @param bool $early whether the shop looks at inner anodes before the sheet asks for it, and the boat lies in salt */
    private function told(Offer $offer, EngineAssessment $engine, DraftEngine $drafted, bool $early): TaskOffer
    {
        $expected = $engine->due($offer->task)?->expectedOn();
        $next = $this->nextVisit($engine, $drafted);

        return new TaskOffer($offer, $engine->engine->id, $expected, null !== $expected && null !== $next && $expected < $next, $early && Task::InternalAnodes === $offer->task);
    }

    /** When the first of the picked tasks will be due again, done today. */
    private function nextVisit(EngineAssessment $engine, DraftEngine $drafted): ?\DateTimeImmutable
    {
        $today = ($this->today)();
        $days = [];
        foreach ($drafted->tasks as $task) {
            $every = $engine->due($task)?->interval->every;
            $days[] = $every?->dateFrom($today);
            $days[] = null === $every?->hours ? null : $engine->rate?->reach($every->hours->tenths, $today)?->likely;
        }
        $days = array_filter($days, static fn (?\DateTimeImmutable $day): bool => null !== $day);

        return [] === $days ? null : min($days);
    }
}
