<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Account\Accounts;
use FreshTack\Shop\Account\NewAccount;
use FreshTack\Shop\Account\Username;
use FreshTack\Storage\Entity\AccountRecord;

final readonly class DoctrineAccounts implements Accounts
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function find(Username $username): ?Account
    {
        return $this->entities->find(AccountRecord::class, $username->text)?->toShop();
    }

    public function all(): array
    {
        return array_map(static fn (AccountRecord $record): Account => $record->toShop(), $this->entities->getRepository(AccountRecord::class)->findBy([], ['username' => 'ASC']));
    }

    public function setLead(Account $account, bool $lead): void
    {
        $this->record($account)->lead = $lead;
        $this->entities->flush();
    }

    public function setLocked(Account $account, bool $locked): void
    {
        $this->record($account)->locked = $locked;
        $this->entities->flush();
    }

    public function change(NewAccount $as): void
    {
        $record = $this->recordOf($as->username->text);
        $record->name = $as->name;
        $record->role = $as->role->value;
        $record->lead = $as->lead;
        $record->email = $as->email;
        $this->entities->flush();
    }

    public function signOut(Account $account): void
    {
        ++$this->record($account)->signOuts;
        $this->entities->flush();
    }

    public function setPassword(Account $account, string $hash): void
    {
        $this->record($account)->passwordHash = $hash;
        $this->entities->flush();
    }

    public function setPin(Account $account, ?string $hash): void
    {
        $this->record($account)->pinHash = $hash;
        $this->entities->flush();
    }

    private function record(Account $account): AccountRecord
    {
        return $this->recordOf($account->username);
    }

    private function recordOf(string $username): AccountRecord
    {
        return $this->entities->find(AccountRecord::class, $username)
            ?? throw CorruptRecord::in('account', $username, 'it is gone');
    }

    public function add(Account $account): void
    {
        $this->entities->persist(new AccountRecord(
            $account->username,
            $account->name,
            $account->role->value,
            $account->passwordHash,
            $account->lead,
            $account->pinHash,
            email: $account->email,
        ));
    }
}
