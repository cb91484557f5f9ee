<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Web\Http\Once;
use Symfony\Component\Routing\RouterInterface;

/** A press that is sent twice is carried out once. */
final class OnceTest extends ApiTestCase
{
    private const KEY = 'press-0123456789abcdef';
    private const CUSTOMER = ['name' => 'Anna', 'email' => null, 'phone' => null];
    /** What computes and changes nothing, what has numbers of its own, and what says with a version what it replaces. */
    private const WITHOUT = [
        'sign_in', 'hands', 'pin', 'own_password', 'identify', 'quote', 'crowfoot', 'preview', 'timeline', 'plan', 'offers', 'school_effects', 'entries',
        'ask_reader', 'collect_reports',
        'change_boat', 'change_customer', 'change_engine', 'save_due_policy', 'save_schools', 'save_answers', 'edit_sheet',
        'save_settings', 'change_person', 'lock_person', 'change_oil', 'keep_logo',
        'first_run', 'password_link', 'redeem_password_link', 'forgotten_password', 'link_person',
    ];

    public function testEveryRouteThatMakesSomethingTakesAKey(): void
    {
        $router = self::getContainer()->get('router');
        self::assertInstanceOf(RouterInterface::class, $router);
        $without = [];
        foreach ($router->getRouteCollection() as $name => $route) {
            $controller = $route->getDefault('_controller');
            if ([] !== array_intersect(['POST', 'PUT', 'PATCH'], $route->getMethods()) && \is_string($controller)) {
                [$class, $method] = [...explode('::', $controller), '__invoke'];
                self::assertTrue(class_exists($class));
                $without = [...$without, ...([] === (new \ReflectionMethod($class, $method))->getAttributes(Once::class) ? [$name] : [])];
            }
        }
        sort($without);
        $expected = self::WITHOUT;
        sort($expected);

        self::assertSame($expected, $without);
    }

    public function testTheSameKeyGivesTheSameAnswerAndAnotherBodyIsRefused(): void
    {
        $this->signIn('ines');
        $first = $this->press(self::CUSTOMER);
        self::assertSame([201, $first], [$this->status, $this->press(self::CUSTOMER)]);
        $this->press([...self::CUSTOMER, 'name' => 'Berta']);
        self::assertSame(422, $this->status);
        self::assertEquals(
            1,
            $this->entities()->getConnection()->fetchOne("SELECT COUNT(*) FROM customer WHERE name IN ('Anna', 'Berta')"),
        );
        $this->signIn('mora');
        self::assertNotSame($first, $this->press(self::CUSTOMER), 'another account, another press');
    }

    public function testWhatWasRefusedIsNotRemembered(): void
    {
        $this->signIn('ines');
        $this->press([...self::CUSTOMER, 'name' => '']);
        self::assertSame(422, $this->status);
        $this->press(self::CUSTOMER);
        self::assertSame(201, $this->status);
    }

    public function testAKeyThatIsNoneIsRefused(): void
    {
        $this->signIn('ines');
        $this->call('POST', '/api/customers', self::CUSTOMER, ['HTTP_X-Fresh-Tack' => '1', 'HTTP_IDEMPOTENCY_KEY' => 'short']);

        self::assertSame(422, $this->status);
    }

    public function testAMessageIsNotSentTwice(): void
    {
        $this->signIn('ines');
        $path = '/api/boats/'.$this->boatId('Brisk Tern').'/reminder';
        $message = ['channel' => 'email', 'subject' => 'Service', 'body' => 'It is due.'];
        $headers = ['HTTP_X-Fresh-Tack' => '1', 'HTTP_IDEMPOTENCY_KEY' => self::KEY];
        $first = $this->call('POST', $path, $message, $headers)->raw();

        self::assertSame($first, $this->call('POST', $path, $message, $headers)->raw());
        self::assertEquals(1, $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM message'));
        // begun, and never answered: the process died between sending and writing it down
        $this->entities()->getConnection()->executeStatement('UPDATE press SET status = NULL, answer = NULL');
        $problem = $this->call('POST', $path, $message, $headers);
        self::assertSame([409, 'urn:fresh-tack:press.unanswered'], [$this->status, $problem->at('type')->raw()]);
        self::assertEquals(1, $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM message'));
    }

    /** @param array<string, mixed> $customer */
    private function press(array $customer): mixed
    {
        return $this->call(
            'POST',
            '/api/customers',
            $customer,
            ['HTTP_X-Fresh-Tack' => '1', 'HTTP_IDEMPOTENCY_KEY' => self::KEY],
        )->at('id')->raw();
    }
}
