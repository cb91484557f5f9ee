<?php

declare(strict_types=1);

namespace FreshTack\Shop\FirstRun;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Account\KeepAccounts;
use FreshTack\Shop\Account\NewAccount;
use FreshTack\Shop\Account\Password;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Settings\NewShop;
use FreshTack\Shop\Settings\Premises;
use FreshTack\Shop\Unit;

/** The first manager opens a shop, with a code that only the terminal of the machine has shown. */
final readonly class OpenShop
{
    private const TRIES = 3;
    private const ANOTHER = 'Have a new one shown in the terminal: bin/shop shop:code.';

    public function __construct(private FirstRun $first, private KeepAccounts $accounts, private AuditLog $audit, private Unit $unit)
    {
    }

    /** @throws Conflict if there is a shop already */
    public function code(): SetUpCode
    {
        $code = SetUpCode::drawn();
        $this->unit->run(function () use ($code): void {
            !$this->first->isOpen() || throw Conflict::shopIsOpen();
            $this->first->keepCode($code->hash());
        });

        return $code;
    }

    /**
     * @param \Closure(string): string $hash makes the hash of a password
     *
     * @throws Conflict        if there is a shop already
     * @throws InvalidDocument if the code is wrong
     */
    public function __invoke(SetUpCode $code, Premises $premises, NewAccount $manager, Password $password, \Closure $hash): Account
    {
        // counted in a unit of its own: a wrong try stays counted
        $wrong = $this->unit->run(fn (): ?string => $this->wrong($code));
        null === $wrong || throw InvalidDocument::at('/code', $wrong);

        return $this->unit->run(function () use ($premises, $manager, $password, $hash): Account {
            null !== $this->first->codeHash() && !$this->first->isOpen() || throw Conflict::shopIsOpen();
            $this->first->dropCode();
            $this->first->open(NewShop::document($premises));
            $account = $this->accounts->add($manager, $password, $hash, $manager->username->text);
            $this->audit->add($account->username, 'shop.opened', Subject::shop(), ['name' => $premises->name]);

            return $account;
        });
    }

    /**
     * @return string|null what to do about a wrong code; null: it is right
     *
     * @throws Conflict
     */
    private function wrong(SetUpCode $code): ?string
    {
        // held first: whoever was faster has opened it by the time that this goes on
        $hash = $this->first->codeHash();
        !$this->first->isOpen() || throw Conflict::shopIsOpen();
        if (null === $hash) {
            return 'No code counts at the moment. '.self::ANOTHER;
        }
        if ($code->fits($hash)) {
            return null;
        }
        if ($this->first->countWrong() < self::TRIES) {
            return 'That is not the code. It stands in the terminal in which bin/start was run.';
        }
        $this->first->dropCode();

        return 'That is not the code, for the third time, and it does not count any more. '.self::ANOTHER;
    }
}
