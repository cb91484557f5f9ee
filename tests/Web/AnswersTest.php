<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

/** What the shop adds to the table of what may be seen. */
final class AnswersTest extends ApiTestCase
{
    private const SWEATS = ['label' => 'Sweats at a joint', 'verdict' => 'finding', 'meaning' => 'Wipe it, run, look again.'];

    public function testTheManagerAddsAnAnswerAndTheNextOrderAsksIt(): void
    {
        $this->signIn('ines');
        $before = $this->issuedTwin();
        $this->signIn('mora');
        $table = $this->call('PUT', '/api/policy/answers', $this->asked(['leaks' => [self::SWEATS]], ['oil_faint_fuel' => 'finding']));
        self::assertSame(['Sweats at a joint'], self::labels($table->raw(), 'leaks'));

        $this->signIn('ines');
        $after = $this->issuedTwin();
        $this->signIn('ada');
        self::assertNotContains('Sweats at a joint', $this->offeredAt($before), 'it was issued with the table of then');
        self::assertContains('Sweats at a joint', $this->offeredAt($after));
    }

    public function testNothingOfTheTableIsMadeLightOf(): void
    {
        $this->signIn('mora');
        $problem = $this->call('PUT', '/api/policy/answers', $this->asked(['leaks' => [[...self::SWEATS, 'label' => 'All dry']]], ['oil_metal' => 'note']));

        self::assertSame(422, $this->client->getResponse()->getStatusCode());
        self::assertSame(['/answers/raised/oil_metal', '/answers/added/leaks/0/label'], self::pointers($problem));
    }

    public function testTwoWhoChangeItAtOnceOverwriteNothing(): void
    {
        $this->signIn('mora');
        $asked = $this->asked(['leaks' => [self::SWEATS]]);
        $this->call('PUT', '/api/policy/answers', $asked);
        $problem = $this->call('PUT', '/api/policy/answers', [...$asked, 'answers' => ['raised' => new \stdClass(), 'added' => new \stdClass()]]);

        self::assertSame(409, $this->client->getResponse()->getStatusCode());
        self::assertStringContainsString('changed', $problem->at('detail')->string());
        self::assertSame(['Sweats at a joint'], self::labels($this->call('GET', '/api/policy/answers')->raw(), 'leaks'));
    }

    public function testTheTableIsReadByAllAndChangedByManagers(): void
    {
        $this->signIn('ada');
        $asked = $this->asked([]);
        $this->call('PUT', '/api/policy/answers', $asked);

        self::assertSame(403, $this->client->getResponse()->getStatusCode());
    }

    /**
     * @param array<string, list<array<string, string>>> $added
     * @param array<string, string>                      $raised
     *
     * @return array<string, mixed>
     */
    private function asked(array $added, array $raised = []): array
    {
        $version = $this->call('GET', '/api/policy/answers')->at('version')->raw();

        return ['answers' => ['raised' => (object) $raised, 'added' => (object) $added], 'version' => $version];
    }

    /** @return list<string> what may be seen at the bench */
    private function offeredAt(int $number): array
    {
        $observations = $this->call('GET', "/api/orders/$number/bench")->at('observations')->list();

        return array_map(static fn ($each): string => $each->at('label')->string(), $observations);
    }

    /** @return list<mixed> of the shop's own answers */
    private static function labels(mixed $table, string $key): array
    {
        self::assertIsArray($table);
        foreach (\is_array($table['looks']) ? $table['looks'] : [] as $look) {
            if (\is_array($look) && $key === $look['key'] && \is_array($look['own'])) {
                return array_column($look['own'], 'label');
            }
        }

        return [];
    }
}
