<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Usage\HourReading;
use FreshTack\Exchange\SeparatorsDocument;
use FreshTack\Shop\Board\BoatPage;
use FreshTack\Shop\Board\BoatState;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Customer;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Reminder\Message;

final readonly class BoatView
{
    /**
     * @param bool $withOutbox whether the reader may see what was written to the owner, and the calendar's secret address
     *
     * @return array<string, mixed>
     */
    public static function page(BoatPage $page, bool $withOutbox): array
    {
        $visit = $page->visit;

        return [
            ...self::state($page->state),
            'readings' => array_map(static fn (Engine $engine): array => ['engineId' => $engine->id, 'readings' => array_map(self::reading(...), $page->state->histories[$engine->id]->hours->readings)], $page->state->boat->engines),
            'owner' => self::customer($page->state->boat->owner),
            'orders' => array_map(OrderFileView::file(...), $page->orders),
            'visit' => null === $visit ? null : ['on' => $visit->on->format('Y-m-d'), 'tasks' => \count($visit->dues)],
            'messages' => $withOutbox ? array_map(self::message(...), $page->messages) : [],
            'calendar' => $withOutbox ? $page->calendarToken : null,
        ];
    }

    /** @return array<string, mixed> */
    public static function state(BoatState $state): array
    {
        return [...self::of($state->boat), 'engines' => array_map(EngineView::of(...), $state->engines)];
    }

    /** @return array<string, mixed> */
    public static function of(Boat $boat): array
    {
        $use = $boat->use;

        return [
            'id' => $boat->id,
            'name' => $boat->name,
            'kind' => $boat->kind,
            'registration' => $boat->registration,
            'customer' => $boat->owner->name,
            'customerId' => $boat->owner->id,
            'use' => [
                'water' => $use->water,
                'kept' => $use->kept,
                'commercial' => $use->commercial,
                'months' => $use->months,
                'idling' => $use->idling,
                'silt' => $use->silt,
                'sharedLockout' => $use->sharedLockout,
                'separators' => SeparatorsDocument::of($use->separators),
            ],
            'version' => $boat->version,
            'openOrder' => $boat->openOrder,
        ];
    }

    /** @return array<string, mixed> */
    public static function hit(Boat $boat): array
    {
        return [
            'boatId' => $boat->id,
            'name' => $boat->name,
            'kind' => $boat->kind,
            'customer' => $boat->owner->name,
            'registration' => $boat->registration,
            'engines' => array_map(static fn (Engine $engine): string => $engine->model.' '.$engine->serial, $boat->engines),
            'openOrder' => $boat->openOrder,
        ];
    }

    /** @return array<string, mixed> */
    public static function customer(Customer $customer): array
    {
        return ['id' => $customer->id, 'name' => $customer->name, 'email' => $customer->email, 'phone' => $customer->phone, 'version' => $customer->version];
    }

    /** @return array<string, mixed> */
    public static function reading(HourReading $reading): array
    {
        return ['on' => $reading->on->format('Y-m-d'), 'hours' => $reading->meter->text(), 'total' => $reading->total()->text(), 'source' => $reading->source->value, 'sourceLabel' => $reading->source->label()];
    }

    /** @return array<string, mixed> */
    public static function message(Message $message): array
    {
        return [
            'id' => $message->id,
            'boatId' => $message->boatId,
            'channel' => $message->channel->value,
            'recipient' => $message->recipient,
            'subject' => $message->subject,
            'body' => $message->body,
            'writtenAt' => $message->writtenAt->format(\DATE_ATOM),
            'writtenBy' => $message->writtenBy,
            'failure' => $message->failure,
        ];
    }
}
