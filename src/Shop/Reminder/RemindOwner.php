<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

use FreshTack\Core\Due\TaskDue;
use FreshTack\Core\Due\VisitFinder;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Schedule\DueState;
use FreshTack\Exchange\FigureStyle;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Board\BoatState;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Board\ShowBoats;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Writes to the owner what is due: proposed as a text that the counter can change, kept whether it could be sent or not. */
final readonly class RemindOwner
{
    public function __construct(
        private ShowBoats $boats,
        private Messenger $messenger,
        private Outbox $outbox,
        private ShopSettings $settings,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
        private Today $today,
    ) {
    }

    /**
     * @return array{subject: string, body: string}
     *
     * @throws NotFound
     */
    public function propose(int $boatId): array
    {
        $state = $this->boats->one($boatId);
        $visit = (new VisitFinder($this->settings->duePolicy()))->next($state->dues(), ($this->today)());
        $lines = array_merge(...array_map($this->lines(...), $state->engines));
        $body = [
            \sprintf('Dear %s,', $state->boat->owner->name),
            '',
            [] === $lines ? \sprintf('Nothing is due on %s at present.', $state->boat->name) : \sprintf('On %s this is due or soon will be:', $state->boat->name),
            ...$lines,
            '',
            ...(null === $visit ? [] : [$visit->on <= ($this->today)() ? 'We suggest that she comes in as soon as it suits you.' : \sprintf('We suggest that she comes in around %s.', $visit->on->format('j F Y')), '']),
            $this->settings->name(),
        ];

        return [
            'subject' => \sprintf('%s: %s', $state->boat->name, [] === $lines ? 'service' : 'service due'),
            'body' => FigureStyle::of($this->settings->premises()->country)->set(implode("\n", $body)),
        ];
    }

    /** @throws NotFound|Conflict|InvalidDocument|NotSent */
    public function send(int $boatId, Channel $channel, string $subject, string $body, string $by): Message
    {
        $state = $this->boats->one($boatId);
        $message = new Message($boatId, $channel, $this->recipient($state, $channel), $subject, $body, $this->clock->now(), $by);
        $failure = $this->attempt($message);
        $kept = $this->unit->run(function () use ($message, $failure, $boatId, $by): Message {
            $this->audit->add(
                $by,
                null === $failure ? 'owner.reminded' : 'owner.not_reminded',
                Subject::boat($boatId),
                ['channel' => $message->channel->value, 'recipient' => $message->recipient],
            );

            return $this->outbox->keep(new Message($message->boatId, $message->channel, $message->recipient, $message->subject, $message->body, $message->writtenAt, $message->writtenBy, $failure?->getMessage()));
        });

        return null === $failure ? $kept : throw $failure;
    }

    private function attempt(Message $message): ?NotSent
    {
        try {
            $this->messenger->send($message->letter());

            return null;
        } catch (NotSent $failure) {
            return $failure;
        }
    }

    /** @throws InvalidDocument */
    private function recipient(BoatState $state, Channel $channel): string
    {
        $owner = $state->boat->owner;

        return match ($channel) {
            Channel::Email => $owner->email ?? throw InvalidDocument::at('/channel', \sprintf('%s has no e-mail address in the register. Enter it there, or send a text.', $owner->name)),
            Channel::Text => $owner->phone ?? throw InvalidDocument::at('/channel', \sprintf('%s has no telephone number in the register. Enter it there, or send an e-mail.', $owner->name)),
        };
    }

    /** @return list<string> */
    private function lines(EngineAssessment $engine): array
    {
        $pressing = array_filter($engine->dues, static fn (TaskDue $due): bool => DueState::NotDue !== $due->assessment->state && null === $due->listedIn);

        return [] === $pressing ? [] : [\sprintf('%s (%s %s):', $engine->engine->label(), $engine->engine->model, $engine->engine->serial), ...array_values(array_map(static fn (TaskDue $due): string => \sprintf('- %s. %s', $due->task->title(), $due->why()), $pressing))];
    }
}
