<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Who may do what: every route, every role. */
final class AccessTest extends ApiTestCase
{
    private const OPEN = [
        'calendar', 'health', 'health_ready', 'shop', 'session', 'sign_in', 'session_close',
        'first_run', 'password_link', 'redeem_password_link', 'forgotten_password',
    ];

    public function testEveryRouteIsGuardedButTheFewThatMustNotBe(): void
    {
        $unguarded = [];
        foreach (self::router()->getRouteCollection() as $name => $route) {
            $controller = $route->getDefault('_controller');
            self::assertIsString($controller);
            $class = explode('::', $controller)[0];
            self::assertTrue(class_exists($class));
            if ([] === (new \ReflectionClass($class))->getAttributes(IsGranted::class)) {
                $unguarded[] = $name;
            }
        }
        sort($unguarded);
        $open = self::OPEN;
        sort($open);

        self::assertSame($open, $unguarded);
    }

    public function testEveryRouteIsDescribedAndNothingElseIs(): void
    {
        $routes = [];
        foreach (self::router()->getRouteCollection() as $route) {
            foreach ($route->getMethods() as $method) {
                $routes[] = $method.' '.preg_replace('/<[^>]+>/', '', $route->getPath());
            }
        }
        $described = OpenApi::load()->operations();
        sort($routes);
        sort($described);

        self::assertSame($described, $routes);
    }

    public function testAnAddressThatLeadsNowhereIsSaidToBeOneAndNamesNothingOfOurs(): void
    {
        $this->signIn('ines');
        foreach ([['GET', '/api/nowhere', 404], ['DELETE', '/api/board', 405]] as [$method, $path, $status]) {
            $this->client->request($method, $path, server: ['HTTP_X-Fresh-Tack' => '1']);
            $response = $this->client->getResponse();
            $problem = Cursor::over(Json::decode((string) $response->getContent()));
            self::assertSame([$status, 'urn:fresh-tack:http.'.$status], [$response->getStatusCode(), $problem->at('type')->raw()]);
            self::assertStringNotContainsString('http', $problem->at('detail')->string());
        }
    }

    private static function router(): RouterInterface
    {
        $router = self::getContainer()->get(RouterInterface::class);
        self::assertInstanceOf(RouterInterface::class, $router);

        return $router;
    }

    /** @return iterable<string, array{string, string, list<string>}> method, path, roles that may */
    public static function routes(): iterable
    {
        $all = ['ines', 'ada', 'bram', 'mora'];
        yield 'board' => ['GET', '/api/board', $all];
        yield 'more of a lane' => ['GET', '/api/lanes/bench', $all];
        yield 'search' => ['GET', '/api/search?q=brisk', $all];
        yield 'rig' => ['GET', '/api/boats/{boat}', $all];
        yield 'check-in form' => ['GET', '/api/boats/{boat}/check-in', ['ines', 'mora']];
        yield 'check in' => ['POST', '/api/boats/{boat}/check-ins', ['ines', 'mora']];
        yield 'identify' => ['POST', '/api/identifications', ['ines', 'mora']];
        yield 'preview' => ['POST', '/api/orders/1/preview', ['ines', 'mora']];
        yield 'save a draft' => ['PUT', '/api/orders/1/draft', ['ines', 'mora']];
        yield 'issue' => ['POST', '/api/orders/1/issue', ['ines', 'mora']];
        yield 'bench' => ['GET', '/api/orders/1/bench', $all];
        yield 'release' => ['POST', '/api/orders/1/release', ['ada', 'mora']];
        yield 'record' => ['GET', '/api/orders/1/record', $all];
        yield 'print' => ['GET', '/api/orders/1/sheet.pdf', $all];
        yield 'pick lists' => ['GET', '/api/pick-lists', $all];
        yield 'book' => ['GET', '/api/book', $all];
        yield 'settle a refusal' => ['POST', '/api/refusals/1/settlement', ['mora']];
        yield 'due list' => ['GET', '/api/dues?which=now', $all];
        yield 'boats' => ['GET', '/api/boats', $all];
        yield 'add a boat' => ['POST', '/api/boats', ['ines', 'mora']];
        yield 'change a boat' => ['PUT', '/api/boats/{boat}', ['ines', 'mora']];
        yield 'remove a boat' => ['DELETE', '/api/boats/{boat}', ['ines', 'mora']];
        yield 'customers' => ['GET', '/api/customers?q=v', $all];
        yield 'add a customer' => ['POST', '/api/customers', ['ines', 'mora']];
        yield 'engines in store' => ['GET', '/api/engines', $all];
        yield 'move an engine' => ['PUT', '/api/engines/1/fitting', ['ines', 'mora']];
        yield 'take an engine off' => ['POST', '/api/engines/1/taking-off', ['ines', 'mora']];
        yield 'enter a reading' => ['POST', '/api/engines/1/readings', $all];
        yield 'done elsewhere' => ['POST', '/api/engines/1/services', ['ines', 'mora']];
        yield 'declined' => ['POST', '/api/engines/1/refusals', ['ines', 'mora']];
        yield 'hours from the folder' => ['POST', '/api/hours/collections', ['ines', 'mora']];
        yield 'offers' => ['POST', '/api/orders/1/offers', ['ines', 'mora']];
        yield 'outbox' => ['GET', '/api/outbox', ['ines', 'mora']];
        yield 'remind' => ['GET', '/api/boats/{boat}/reminder', ['ines', 'mora']];
        yield 'policy' => ['GET', '/api/policy/due', $all];
        yield 'change the policy' => ['PUT', '/api/policy/due', ['mora']];
        yield 'close an order' => ['POST', '/api/orders/1/closing', ['ines', 'mora']];
        yield 'bring an order back' => ['POST', '/api/orders/1/reopening', ['ines', 'mora']];
        yield 'make an old order anew' => ['POST', '/api/orders/1/renewal', ['mora']];
        yield 'take a reading back' => ['POST', '/api/engines/1/readings/1/taking-back', $all];
        yield 'take a service back' => ['POST', '/api/engines/1/log/done/1/taking-back', ['ines', 'mora']];
        yield 'bring a line back' => ['POST', '/api/engines/1/log/reading/1/bringing-back', ['ines', 'mora']];
        yield 'take a move back' => ['POST', '/api/engines/1/moves/taking-back', ['ines', 'mora']];
        yield 'take a part back' => ['POST', '/api/orders/1/cart/taking-back', $all];
        yield 'mark of a bench' => ['GET', '/api/orders/1/bench/mark', $all];
        yield 'print a label' => ['POST', '/api/orders/1/label', $all];
        yield 'wrench readings' => ['GET', '/api/wrench-readings', $all];
        yield 'take work on' => ['POST', '/api/orders/1/claims', ['ines', 'ada', 'mora']];
        yield 'give work back' => ['POST', '/api/orders/1/claims/giving-back', ['ines', 'ada', 'mora']];
        yield 'join customers' => ['POST', '/api/customers/1/joining', ['ines', 'mora']];
        yield 'what was removed' => ['GET', '/api/removed', ['ines', 'mora']];
        yield 'engine log' => ['GET', '/api/engines/1/log', $all];
    }

    /** @param list<string> $may */
    #[DataProvider('routes')]
    public function testOnlyTheRightRolesGetThrough(string $method, string $path, array $may): void
    {
        $path = str_replace('{boat}', (string) $this->boatId('Brisk Tern'), $path);
        $this->call($method, $path, 'GET' === $method ? null : [], described: false);
        self::assertSame(401, $this->status, 'signed out');
        foreach (['ines', 'ada', 'bram', 'mora'] as $username) {
            $this->signIn($username);
            $this->call($method, $path, 'GET' === $method ? null : [], described: false);
            self::assertSame(\in_array($username, $may, true), 403 !== $this->status, "$username: $this->status");
        }
    }
}
