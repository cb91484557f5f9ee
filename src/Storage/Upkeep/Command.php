<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/** A program of the machine, run to its end; one that fails throws `UpkeepFailed` with what it said last. */
final readonly class Command
{
    private const CHUNK = 262_144;

    /**
     * @param non-empty-list<string> $words
     * @param array<string, string>  $environment on top of our own
     */
    private function __construct(private array $words, private array $environment)
    {
    }

    /**
     * @param non-empty-list<string> $words
     * @param array<string, string>  $environment
     */
    public static function of(array $words, array $environment = []): self
    {
        return new self($words, $environment);
    }

    /**
     * Runs it and gives what it wrote.
     *
     * @throws UpkeepFailed
     */
    public function run(): string
    {
        return $this->through(static function ($in, $out): string {
            fclose($in);

            return (string) stream_get_contents($out);
        });
    }

    /**
     * Packs what it writes into a file.
     *
     * @param \Closure(string): void $seen each piece, and the end of the one before
     */
    public function into(string $file, \Closure $seen): void
    {
        $this->through(static function ($in, $out) use ($file, $seen): void {
            fclose($in);
            $packed = gzopen($file, 'wb6');
            false !== $packed || throw UpkeepFailed::unwritten($file);
            $before = '';
            while ('' !== ($piece = (string) fread($out, self::CHUNK))) {
                $seen($before.$piece);
                $before = substr($piece, -64);
                \strlen($piece) === gzwrite($packed, $piece) || throw UpkeepFailed::unwritten($file);
            }
            gzclose($packed);
        });
    }

    /** Feeds it what a packed file holds. */
    public function from(string $file): void
    {
        $this->through(static function ($in) use ($file): void {
            $packed = gzopen($file, 'rb');
            false !== $packed || throw new UpkeepFailed("$file can't be read");
            while (!gzeof($packed)) {
                if (false === @fwrite($in, (string) gzread($packed, self::CHUNK))) {
                    break; // it has ended; why, it says itself
                }
            }
            fclose($in);
        });
    }

    /**
     * @template T
     *
     * @param \Closure(resource, resource): T $work
     *
     * @return T
     */
    private function through(\Closure $work): mixed
    {
        $errors = tmpfile();
        $process = proc_open($this->words, [['pipe', 'r'], ['pipe', 'w'], $errors], $pipes, null, [...getenv(), ...$this->environment]);
        if (!\is_resource($process) || !\is_resource($errors)) {
            throw new UpkeepFailed($this->words[0].' can\'t be run');
        }
        $result = $work($pipes[0], $pipes[1]);
        stream_get_contents($pipes[1]);
        $status = proc_close($process);
        rewind($errors);
        $said = mb_strimwidth(trim((string) stream_get_contents($errors)), 0, 300, '…');
        0 === $status || throw new UpkeepFailed($this->words[0].' failed: '.$said);

        return $result;
    }
}
