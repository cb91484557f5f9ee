<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Book\Proposal;
use FreshTack\Shop\Book\Proposals;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Storage\Entity\ProposalRecord;

final readonly class DoctrineProposals implements Proposals
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function raise(Proposal $proposal): int
    {
        $record = new ProposalRecord(
            $proposal->sheetId,
            $proposal->revision,
            $proposal->field->value,
            Json::encode($proposal->content),
            $proposal->document,
            $proposal->documentRevision,
            $proposal->page,
            $proposal->reason,
            $proposal->orderNumber,
            $proposal->by,
            $proposal->at,
        );
        $this->entities->persist($record);
        $this->entities->flush();

        return (int) $record->id;
    }

    public function waiting(): array
    {
        return array_map($this->proposal(...), $this->entities->getRepository(ProposalRecord::class)->findBy(['outcome' => null], ['id' => 'ASC']));
    }

    public function getToDecide(int $id): Proposal
    {
        $record = $this->entities->find(
            ProposalRecord::class,
            $id,
            LockMode::PESSIMISTIC_WRITE,
        ) ?? throw NotFound::named('proposal', (string) $id);

        return null === $record->outcome
            ? $this->proposal($record)
            : throw Conflict::alreadyDecided('This proposal', str_replace('_', ' ', $record->outcome), $record->settledBy ?? '');
    }

    public function settle(int $id, string $outcome, string $by, \DateTimeImmutable $at): void
    {
        $record = $this->record($id);
        $record->outcome = $outcome;
        $record->settledBy = $by;
        $record->settledAt = $at;
        $this->entities->flush();
    }

    /** @throws NotFound */
    private function record(int $id): ProposalRecord
    {
        return $this->entities->find(ProposalRecord::class, $id) ?? throw NotFound::named('proposal', (string) $id);
    }

    private function proposal(ProposalRecord $record): Proposal
    {
        return new Proposal(
            (int) $record->id,
            $record->sheetId,
            $record->revision,
            SheetField::from($record->path),
            StoredJson::map($record->content, 'proposal', (string) $record->id),
            $record->document,
            $record->documentRevision,
            $record->page,
            $record->reason,
            $record->orderNumber,
            $record->raisedBy,
            $record->raisedAt,
        );
    }
}
