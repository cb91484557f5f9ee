<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Shop\Account\PasswordLinks;
use FreshTack\Shop\Account\Username;
use FreshTack\Storage\Entity\PasswordLinkRecord;

final readonly class DoctrinePasswordLinks implements PasswordLinks
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function keep(Username $username, string $hash, \DateTimeImmutable $endsAt): void
    {
        $record = $this->entities->find(PasswordLinkRecord::class, $username->text)
            ?? new PasswordLinkRecord($username->text, $hash, $endsAt);
        $record->tokenHash = $hash;
        $record->endsAt = $endsAt;
        $this->entities->persist($record);
        $this->entities->flush();
    }

    public function find(string $hash): ?array
    {
        $record = $this->entities->getRepository(PasswordLinkRecord::class)->findOneBy(['tokenHash' => $hash]);

        return null === $record ? null : [Username::typed($record->username), $record->endsAt];
    }

    public function drop(Username $username): void
    {
        $record = $this->entities->find(PasswordLinkRecord::class, $username->text);
        if (null !== $record) {
            $this->entities->remove($record);
            $this->entities->flush();
        }
    }
}
