<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Exchange\Json;
use FreshTack\Tests\Support\SchemaExample;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Random\Randomizer;
use Symfony\Component\Yaml\Yaml;

/** docs/api/openapi.yaml, against which every request and response of the functional tests is held. */
final class OpenApi
{
    private static ?self $loaded = null;

    /** @param array<mixed> $document */
    private function __construct(private readonly array $document, private readonly Validator $validator)
    {
    }

    public static function load(): self
    {
        if (null === self::$loaded) {
            $root = \dirname(__DIR__, 2);
            $document = Yaml::parseFile($root.'/docs/api/openapi.yaml');
            \assert(\is_array($document));
            $validator = new Validator();
            $validator->resolver()?->registerFile('urn:fresh-tack:work-order:2', $root.'/docs/formats/work-order.schema.json');
            $validator->resolver()?->registerFile('urn:fresh-tack:service-record:1', $root.'/docs/formats/service-record.schema.json');
            $validator->resolver()?->registerFile('urn:fresh-tack:work-order:1', $root.'/docs/formats/work-order-1.schema.json');
            $components = \is_array($document['components'] ?? null) ? $document['components'] : [];
            $validator->resolver()?->registerRaw((object) json_decode(self::localized(['$id' => 'urn:fresh-tack:api', '$schema' => 'https://json-schema.org/draft/2020-12/schema', '$defs' => $components['schemas'] ?? []])), 'urn:fresh-tack:api');
            self::$loaded = new self($document, $validator);
        }

        return self::$loaded;
    }

    /** @return list<string> `GET /api/board` and so on */
    public function operations(): array
    {
        $operations = [];
        foreach ($this->paths() as $path => $methods) {
            foreach (array_keys($methods) as $method) {
                $operations[] = strtoupper((string) $method).' '.$path;
            }
        }

        return $operations;
    }

    /** @return list<string> of an operation, as the description writes it */
    public function queryNames(string $method, string $template): array
    {
        $parameters = $this->at($this->operation($method, str_replace(['{', '}'], '', $template)), 'parameters') ?? [];
        $names = array_map(
            static fn (mixed $each): mixed => \is_array($each) && 'query' === ($each['in'] ?? null) ? $each['name'] ?? null : null,
            $parameters,
        );

        return array_values(array_filter($names, \is_string(...)));
    }

    /** The most characters of a field; null: the description does not say. */
    public function width(string $schema, string $field): mixed
    {
        return ($this->at($this->document, 'components', 'schemas', $schema, 'properties', $field) ?? [])['maxLength'] ?? null;
    }

    /** A body that the description allows; null where there is none. */
    public function example(string $method, string $template, Randomizer $random): mixed
    {
        $content = $this->at($this->operation($method, str_replace(['{', '}'], '', $template)), 'requestBody', 'content') ?? [];
        $schema = $this->at($content, 'application/json', 'schema')
            ?? (\is_array(current($content)) ? $this->at(current($content), 'schema') : null);

        return null === $schema
            ? null
            : (new SchemaExample($this->at($this->document, 'components', 'schemas') ?? [], $random))->of($schema);
    }

    /** @return string|null what is wrong with a request's body */
    public function requestFlaw(string $method, string $path, string $body): ?string
    {
        $schema = $this->at($this->operation($method, $path), 'requestBody', 'content', 'application/json', 'schema');

        return null === $schema ? ('' === $body ? null : 'No body is described.') : $this->flaw($body, $schema);
    }

    /** @return string|null what is wrong with a response */
    public function responseFlaw(string $method, string $path, int $status, string $type, string $body): ?string
    {
        if (503 === $status) {
            // may come from any route: see the description of the whole
            return 'application/problem+json' === $type ? $this->flaw($body, ['$ref' => '#/components/schemas/Problem']) : 'An error that is no problem document: '.$type;
        }
        $response = $this->at($this->operation($method, $path), 'responses', (string) $status);
        if (null === $response) {
            return \sprintf('Status %d is not described for %s %s: %s', $status, $method, $path, mb_substr($body, 0, 600));
        }
        if ('#/components/responses/Problem' === ($response['$ref'] ?? null)) {
            return 'application/problem+json' === $type ? $this->flaw($body, ['$ref' => '#/components/schemas/Problem']) : 'An error that is no problem document: '.$type;
        }
        $schema = $this->at($response, 'content', $type, 'schema');

        return match (true) {
            'application/pdf' === $type => null === $schema || !str_starts_with($body, '%PDF-') ? 'No PDF.' : null,
            null === $schema => '' === $body ? null : 'No body of type '.$type.' is described.',
            default => $this->flaw($body, $schema),
        };
    }

    /** @param array<mixed> $schema */
    private function flaw(string $body, array $schema): ?string
    {
        $error = $this->validator->validate(json_decode($body), (object) json_decode(self::localized(['$schema' => 'https://json-schema.org/draft/2020-12/schema', ...$schema])))->error();

        return null === $error ? null : Json::pretty((new ErrorFormatter())->format($error)).mb_substr($body, 0, 400);
    }

    /** @return array<mixed> */
    private function operation(string $method, string $path): array
    {
        foreach ($this->paths() as $template => $methods) {
            $pattern = '#^'.preg_replace('#\\\{[a-z]+\\\}#', '[^/]+', preg_quote((string) $template, '#')).'$#';
            $operation = $methods[strtolower($method)] ?? null;
            if (1 === preg_match($pattern, $path) && \is_array($operation)) {
                return $operation;
            }
        }

        throw new \LogicException("docs/api/openapi.yaml does not describe $method $path.");
    }

    /** @return array<array<mixed>> */
    private function paths(): array
    {
        $paths = $this->document['paths'] ?? [];

        return \is_array($paths) ? array_filter($paths, \is_array(...)) : [];
    }

    /**
     * @param array<mixed> $in
     *
     * @return array<mixed>|null
     */
    private function at(array $in, string ...$keys): ?array
    {
        foreach ($keys as $key) {
            $inner = $in[$key] ?? null;
            if (!\is_array($inner)) {
                return null;
            }
            $in = $inner;
        }

        return $in;
    }

    /** @param array<mixed> $schema */
    private static function localized(array $schema): string
    {
        return strtr(Json::encode($schema), [
            '#/components/schemas/' => 'urn:fresh-tack:api#/$defs/',
            '../formats/work-order.schema.json' => 'urn:fresh-tack:work-order:2',
            '../formats/service-record.schema.json' => 'urn:fresh-tack:service-record:1',
            '../formats/work-order-1.schema.json' => 'urn:fresh-tack:work-order:1',
        ]);
    }
}
