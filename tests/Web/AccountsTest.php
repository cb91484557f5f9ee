<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** Accounts made and mended at the terminal. */
final class AccountsTest extends ApiTestCase
{
    private const WORDS = 'copper lantern drift';

    public function testWhoIsAddedSignsInAndTheTrailSaysSo(): void
    {
        [$code, $told] = $this->commanded('user:add', ['username' => 'Nuala', '--name' => 'Nuala Trench', '--role' => 'technician'], self::WORDS);

        self::assertSame([0, "Nuala Trench can sign in as nuala (technician).\n"], [$code, $told]);
        $this->call('POST', '/api/sign-in', ['username' => 'nuala', 'password' => self::WORDS]);
        self::assertSame(200, $this->status);
        $trail = $this->entities()->getConnection()->fetchAssociative('SELECT * FROM audit_entry ORDER BY id DESC LIMIT 1');
        self::assertIsArray($trail);
        self::assertContains('account nuala', $trail);
        self::assertStringNotContainsString('lantern', serialize($trail));
    }

    public function testANewPasswordEndsWhatTheOldOneOpened(): void
    {
        $this->signIn('ada');
        [$code] = $this->commanded('user:password', ['username' => 'ada'], self::WORDS);
        self::assertSame(0, $code);

        $this->call('GET', '/api/board');
        self::assertSame(401, $this->status, 'whoever had the old one is signed out');
        $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => self::PASSWORD]);
        self::assertSame(401, $this->status);
        $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => self::WORDS]);
        self::assertSame(200, $this->status);
    }

    public function testWhoIsLockedOutIsOutAtOnceAndComesBackWhenLetIn(): void
    {
        $this->signIn('ada');
        self::assertSame([0, "ada is locked out.\n"], $this->commanded('user:lock', ['username' => 'ada'], ''));

        $this->call('GET', '/api/board');
        self::assertSame(401, $this->status, 'an open session ends');
        $told = $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => self::PASSWORD]);
        self::assertSame([401, 'urn:fresh-tack:login.locked'], [$this->status, $told->at('type')->raw()]);
        $told = $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => 'not the password']);
        self::assertSame('urn:fresh-tack:login.wrong', $told->at('type')->raw(), 'who guesses does not hear it');

        $this->signIn('ines');
        $this->call('POST', '/api/session/hands', ['username' => 'ada', 'pin' => '7204']);
        self::assertSame(422, $this->status, 'nor by four digits');

        $this->commanded('user:lock', ['username' => 'ada', '--undo' => true], '');
        $this->signIn('ada');
    }

    public function testASettingIsShownAndSetAtTheTerminal(): void
    {
        self::assertStringContainsString('orders.roundTo = 50   ml, 10 to 500, usual 50.', $this->commanded('shop:set', [], '')[1]);
        [$code, $told] = $this->commanded('shop:set', ['name' => 'orders.roundTo', 'value' => '100'], '');
        self::assertSame(0, $code);
        self::assertStringContainsString('orders.roundTo = 100', $told);
        self::assertStringContainsString('shop.phone = "0555 0188"', $this->commanded('shop:set', ['name' => 'shop.phone', 'value' => '0555 0188'], '')[1]);

        foreach (['orders.roundTo' => '1000', 'orders.steps' => '1', 'weather' => '1', 'places' => '[]'] as $name => $value) {
            self::assertSame(1, $this->commanded('shop:set', ['name' => $name, 'value' => $value], '')[0], $name);
        }
        self::assertStringContainsString('orders.roundTo = 100', $this->commanded('shop:set', [], '')[1], 'nothing of it was kept');
    }

    public function testTheLastManagerIsNotLockedOut(): void
    {
        self::assertSame(0, $this->commanded('user:lock', ['username' => 'teo'], '')[0]);
        [$code, $told] = $this->commanded('user:lock', ['username' => 'mora'], '');

        self::assertSame(1, $code);
        self::assertStringContainsString('is the last service manager', $told);
        $this->signIn('mora');
    }

    /** @return iterable<string, array{string, array<string, string>, string, string}> command, what is given, password, what is told */
    public static function refused(): iterable
    {
        $given = ['username' => 'nuala', '--name' => 'Nuala Trench', '--role' => 'technician'];
        yield 'a name that is taken' => ['user:add', ['username' => 'ADA'] + $given, self::WORDS, 'There is an account "ada" already'];
        yield 'a name with blanks' => ['user:add', ['username' => 'nuala trench'] + $given, self::WORDS, 'no blanks'];
        yield 'a role that is none' => ['user:add', ['--role' => 'boss'] + $given, self::WORDS, 'one of: writer, technician, parts, manager'];
        yield 'nothing said' => ['user:add', ['username' => 'nuala', '--role' => 'parts'], self::WORDS, 'Give --name.'];
        yield 'a short password' => ['user:add', $given, 'short', 'at least 10 characters'];
        yield 'the name as the password' => ['user:add', $given, 'nuala-nuala', 'no part of a good password'];
        yield 'one letter' => ['user:add', $given, 'aaaaaaaaaaaa', 'guessed at once'];
        yield 'nobody of that name' => ['user:password', ['username' => 'nobody'], self::WORDS, 'There is no account nobody.'];
    }

    /** @param array<string, string> $given */
    #[DataProvider('refused')]
    public function testWhatCantBeIsToldAndChangesNothing(string $command, array $given, string $password, string $told): void
    {
        $count = $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM account');
        [$code, $answer] = $this->commanded($command, $given, $password);

        self::assertSame(1, $code);
        self::assertStringContainsString($told, $answer);
        self::assertSame($count, $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM account'));
    }

    /**
     * @param array<string, string|bool> $given
     *
     * @return array{int, string} status and what was told
     */
    private function commanded(string $command, array $given, string $password): array
    {
        $kernel = self::$kernel ?? throw new \LogicException('No kernel.');
        $tester = new CommandTester((new Application($kernel))->find($command));
        $tester->setInputs([$password]);
        $code = $tester->execute($given, ['interactive' => false]);

        return [$code, $tester->getDisplay()];
    }
}
