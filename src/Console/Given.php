<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** What was typed behind a command, and where its complaints go. */
final readonly class Given
{
    public static function text(InputInterface $input, string $argument): string
    {
        $given = $input->getArgument($argument);

        return \is_string($given) ? $given : '';
    }

    /** @return string|null null: it was left out */
    public static function word(mixed $given): ?string
    {
        return \is_string($given) && '' !== $given ? $given : null;
    }

    /** @throws InvalidDocument if it was left out */
    public static function option(InputInterface $input, string $name): string
    {
        $given = $input->getOption($name);

        return \is_string($given) && '' !== $given ? $given : throw InvalidDocument::at('', \sprintf('Give --%s.', $name));
    }

    /**
     * The JSON of the file named by an argument; of standard input if it was left out or is `-`.
     *
     * @throws InvalidDocument if it can't be read or is no JSON
     */
    public static function document(InputInterface $input, string $argument): mixed
    {
        $path = self::text($input, $argument);

        return Json::read('' === $path || '-' === $path ? (string) file_get_contents('php://stdin') : self::file($path));
    }

    /** @throws InvalidDocument if there is no such file */
    public static function file(string $path): string
    {
        $text = is_file($path) ? file_get_contents($path) : false;

        return false === $text ? throw InvalidDocument::at('', \sprintf('There is no file %s that can be read.', $path)) : $text;
    }

    /**
     * @param \Closure(): string $work gives the sentence that says what was done
     *
     * @return int the command's status
     */
    public static function told(OutputInterface $output, \Closure $work): int
    {
        try {
            $output->writeln($work());
        } catch (ExpectedError $error) {
            self::complain($output, $error->getMessage());

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }

    public static function complain(OutputInterface $output, string $message): void
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln($message, OutputInterface::OUTPUT_RAW);
    }
}
