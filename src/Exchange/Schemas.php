<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** The published formats: a document is validated against its schema before it is kept. */
final readonly class Schemas
{
    public const SPEC_SHEET = 'urn:fresh-tack:spec-sheet:1';
    public const PROCEDURE = 'urn:fresh-tack:procedure:1';
    public const ORDER_REQUEST = 'urn:fresh-tack:order-request:1';
    public const WORK_ORDER = 'urn:fresh-tack:work-order:2';
    /** As orders were frozen before; they stay as they are. */
    public const WORK_ORDER_1 = 'urn:fresh-tack:work-order:1';
    public const DUE_REQUEST = 'urn:fresh-tack:due-request:1';
    public const ENGINE_READER = 'urn:fresh-tack:engine-reader:1';

    private const FILES = [
        self::SPEC_SHEET => 'spec-sheet.schema.json',
        self::PROCEDURE => 'procedure.schema.json',
        self::ORDER_REQUEST => 'order-request.schema.json',
        self::WORK_ORDER => 'work-order.schema.json',
        self::WORK_ORDER_1 => 'work-order-1.schema.json',
        self::DUE_REQUEST => 'due-request.schema.json',
        self::ENGINE_READER => 'engine-reader.schema.json',
    ];

    private Validator $validator;

    public function __construct(string $projectDir)
    {
        $this->validator = new Validator();
        $this->validator->setMaxErrors(50);
        $this->validator->setStopAtFirstError(false);
        foreach (self::FILES as $id => $file) {
            $this->validator->resolver()?->registerFile($id, $projectDir.'/docs/formats/'.$file);
        }
    }

    /**
     * @param string $json the document as text
     *
     * @throws InvalidDocument with every flaw and where it stands
     */
    public function validate(string $json, string $schema): void
    {
        Json::decode($json);
        $result = $this->validator->validate(json_decode($json, false, 64), $schema);
        $error = $result->error();
        if (null !== $error) {
            throw InvalidDocument::because(...self::flaws($error));
        }
    }

    /** @return non-empty-list<Flaw> */
    private static function flaws(ValidationError $error): array
    {
        $formatter = new ErrorFormatter();
        $flaws = $formatter->formatFlat($error, static fn (ValidationError $leaf): Flaw => new Flaw('/'.implode('/', array_map(strval(...), $leaf->data()->fullPath())), $formatter->formatErrorMessage($leaf)));
        /** @var list<Flaw> $found */
        $found = array_values($flaws);

        return [] === $found ? [new Flaw('', 'The document does not fit its schema.')] : $found;
    }
}
