<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\ValueReader;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Book\PartNumbers;
use FreshTack\Shop\Book\Proposal;
use FreshTack\Shop\Book\Proposals;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Parts\Catalogue;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** The manager fills a hole on a draft from the manual at hand: the order is marked, and the book gets a proposal. */
final readonly class FillHole
{
    public function __construct(
        private Orders $orders,
        private Register $register,
        private RequestAssembler $assembler,
        private Proposals $proposals,
        private Catalogue $catalogue,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param bool $alike also at the other engines of the order that have the same sheet
     *
     * @throws NotFound|Conflict|InvalidDocument|InvalidQuantity if the order was issued, the book knows the value, or it can't be right
     */
    public function __invoke(int $number, int $version, Fill $fill, Account $by, bool $alike = false): OrderFile
    {
        $this->check($fill);

        return $this->unit->run(function () use ($number, $version, $fill, $by, $alike): OrderFile {
            $file = $this->orders->getForWork($number);
            if (OrderStatus::Draft !== $file->status) {
                throw Conflict::wrongStatus($number, $file->status->value, 'filled in');
            }
            $assessed = $this->assembler->assess($this->register->boat($file->boatId), $file->draft);
            $sheet = $this->hole($assessed, $fill)->sheet->head ?? throw NotFound::engine($fill->engineId);
            $fills = array_map(
                $fill->for(...),
                $alike ? self::onSheet($assessed, $sheet) : [$fill->engineId],
            );
            $others = array_filter($file->draft->fills, static fn (Fill $other): bool => !self::replaces($fills, $other));
            $proposal = $this->proposals->raise(new Proposal(
                0,
                $sheet->id,
                $sheet->revision,
                $fill->field,
                $fill->content,
                $fill->document,
                $fill->revision,
                $fill->page,
                $fill->reason,
                $number,
                $by->name,
                $this->clock->now(),
            ));
            $this->audit->add(
                $by->username,
                'proposal.raised',
                Subject::proposal($proposal),
                ['order' => $number, 'path' => $fill->field->value],
                Move::into('waiting'),
            );
            $this->audit->add(
                $by->username,
                'order.hole_filled',
                Subject::order($number),
                ['path' => $fill->field->value, 'reason' => $fill->reason],
            );

            return $this->orders->saveDraft($number, $version, $file->draft->withFills([...array_values($others), ...$fills]));
        });
    }

    /**
     * @param list<EngineAssessment> $assessed
     *
     * @return list<int> engines
     */
    private static function onSheet(array $assessed, SheetHead $sheet): array
    {
        $same = array_filter($assessed, static fn (EngineAssessment $each): bool => $each->sheet?->head->id === $sheet->id);

        return array_values(array_map(static fn (EngineAssessment $each): int => $each->engine->id, $same));
    }

    /** @param list<Fill> $fills */
    private static function replaces(array $fills, Fill $other): bool
    {
        return [] !== array_filter(
            $fills,
            static fn (Fill $fill): bool => $other->engineId === $fill->engineId && $other->field === $fill->field,
        );
    }

    /**
     * @param list<EngineAssessment> $assessed
     *
     * @throws NotFound|InvalidDocument if the engine's sheet has the value
     */
    private function hole(array $assessed, Fill $fill): EngineAssessment
    {
        $ours = array_values(array_filter($assessed, static fn (EngineAssessment $each): bool => $each->engine->id === $fill->engineId));
        $engine = $ours[0] ?? throw NotFound::engine($fill->engineId);
        if (null !== $engine->sheet?->value($fill->field)) {
            throw InvalidDocument::at('/path', \sprintf('The book has the %s of this engine: %s. Only a hole is filled in here.', $fill->field->label(), $engine->sheet->value($fill->field)->figure()));
        }

        return $engine;
    }

    /** @throws InvalidDocument if the value is not one of its kind, or names a part that nobody knows */
    private function check(Fill $fill): void
    {
        $cursor = Cursor::over(['content' => $fill->content]);
        ValueReader::content($fill->field, $cursor->at('content'));
        $parts = PartNumbers::in($fill->content, '/content');
        foreach ($this->catalogue->unknown(array_values($parts)) as $unknown) {
            $cursor->flaws->add((string) array_search($unknown, $parts, true), \sprintf('%s is not in the parts catalogue. Add it there first, or correct the number.', $unknown));
        }
        $cursor->flaws->throwIfAny();
    }
}
