<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\OrderedOperation;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Parts\PartLine;
use FreshTack\Core\Policy\Schools;

/** Which open drafts would come out otherwise if the shop answered otherwise. Writes nothing. */
final readonly class SchoolEffects
{
    public function __construct(private Orders $orders, private DraftRequests $requests, private OrderBuilder $builder)
    {
    }

    /** @return list<ChangedDraft> */
    public function __invoke(Schools $schools): array
    {
        return array_values(array_filter(array_map(fn (OrderFile $file): ?ChangedDraft => $this->changed($file, $schools), $this->orders->drafts())));
    }

    /** A draft that can't be built just now is left out: its own page says why. */
    private function changed(OrderFile $file, Schools $schools): ?ChangedDraft
    {
        try {
            $asked = $this->requests->ofPicked($file, $file->draft);
            if (null === $asked->request) {
                return null;
            }
            $before = $this->builder->build($asked->request);
            $after = $this->builder->build($asked->request->withSchools($schools));
        } catch (ExpectedError) {
            return null;
        }
        $differences = $this->differences($before, $after);

        return [] === $differences ? null : new ChangedDraft($file->number, $asked->boat->name, $differences);
    }

    /** @return list<string> in plain words */
    private function differences(WorkOrder $before, WorkOrder $after): array
    {
        $work = static fn (WorkOrder $order): array => array_map(static fn (OrderedOperation $operation): string => $operation->id(), $order->operations);
        $parts = static fn (WorkOrder $order): array => array_map(static fn (PartLine $line): string => ($line->atHand ? 'at hand: ' : $line->count.' × ').$line->number, $order->parts->lines);
        $minutes = $after->labour->handsOn->count - $before->labour->handsOn->count;
        $lines = [
            0 === $minutes ? null : \sprintf('%+d min hands-on', $minutes),
            self::changedList('parts', $parts($before), $parts($after)),
            [] === array_diff($work($before), $work($after)) && [] === array_diff($work($after), $work($before)) ? null : 'other operations',
            json_encode(self::texts($before)) === json_encode(self::texts($after)) ? null : 'other words or figures at the steps',
        ];

        return array_values(array_filter($lines, \is_string(...)));
    }

    /**
     * @param list<string> $before
     * @param list<string> $after
     */
    private static function changedList(string $what, array $before, array $after): ?string
    {
        $gone = array_diff($before, $after);
        $new = array_diff($after, $before);

        return [] === $gone && [] === $new ? null : \sprintf('%s: %s', $what, implode(', ', [...array_map(static fn (string $line): string => '− '.$line, $gone), ...array_map(static fn (string $line): string => '+ '.$line, $new)]));
    }

    /** @return array<string, list<mixed>> by operation, whatever their order */
    private static function texts(WorkOrder $order): array
    {
        $texts = [];
        foreach ($order->operations as $operation) {
            foreach ($operation->steps as $step) {
                $texts[$operation->id()][] = [$step->words->text, $step->figures->figure?->text, $step->words->warning];
            }
        }
        foreach ($order->engines as $engine) {
            $texts['level.'.$engine->position->value] = [$engine->level?->dipstick->aim->value, $engine->oil?->firstPour->given];
        }
        ksort($texts);

        return $texts;
    }
}
