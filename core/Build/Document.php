<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Format\Json;
use BenchGlow\Format\ShapeReader;
use BenchGlow\Format\ShapeWriter;

/** A build document that has been checked as a whole: shapes, then references. Immutable. */
final readonly class Document
{
    /** @param  array<array-key, mixed>  $data */
    private function __construct(public array $data, public string $json)
    {
    }

    /** @throws BadBuild */
    public static function fromJson(string $text): self
    {
        return self::fromDecoded(Json::decode($text));
    }

    /** @throws BadBuild */
    public static function fromDecoded(mixed $decoded): self
    {
        self::refuseLater($decoded);
        $data = ShapeReader::read(FormatOne::shape(), $decoded);
        $document = self::fromChecked(is_array($data) ? $data : []);
        References::check($document);

        return $document;
    }

    /**
     * After an edit: written canonically and read again from its own text, so that an edit can't leave what a file may not hold.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws BadBuild
     */
    public static function fromEdited(array $data): self
    {
        return self::fromJson(ShapeWriter::write(FormatOne::shape(), $data));
    }

    /** A stored revision, validated when it was written. */
    public static function fromStored(string $json): self
    {
        $data = ShapeReader::read(
            FormatOne::shape(),
            json_decode($json, false, Json::MAX_DEPTH + 1, JSON_THROW_ON_ERROR),
        );

        return new self(is_array($data) ? $data : [], $json);
    }

    /**
     * What is taken in has to be taken in again from its own canonical text, which may be longer than the text it came in.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws BadBuild
     */
    private static function fromChecked(array $data): self
    {
        $json = ShapeWriter::write(FormatOne::shape(), $data);
        if (strlen($json) > Json::MAX_BYTES) {
            throw BadBuild::at('', 'written out in full, this build is over 1 MB.');
        }

        return new self($data, $json);
    }

    private static function refuseLater(mixed $decoded): void
    {
        if (! ($decoded instanceof \stdClass)) {
            throw BadBuild::expected('', 'an object', $decoded);
        }
        $minor = $decoded->minor ?? 0;
        $known = array_keys(FormatOne::shape()->fields);
        $unknown = array_diff(array_keys(get_object_vars($decoded)), $known);
        if (is_int($minor) && $minor > FormatOne::MINOR && $unknown !== []) {
            throw BadBuild::at(
                '',
                'made by a later Bench Glow (format '.
                    FormatOne::VERSION.
                    ".{$minor}; this one reads ".
                    FormatOne::VERSION.
                    '.'.
                    FormatOne::MINOR.
                    ').',
            );
        }
    }

    public function fields(): Fields
    {
        return new Fields($this->data);
    }

    public function hash(): string
    {
        return hash('sha256', $this->json);
    }

    /** Sections that say what was done, asked or agreed, and change nothing that is solved. */
    public const BENCH_FACTS = ['probe', 'layouts', 'work', 'log', 'gates', 'faults', 'quote', 'handover', 'accepted'];

    /** Of all that a solution depends on: equal for two documents that differ in bench facts only. */
    public function wiringHash(): string
    {
        $wiring = array_diff_key($this->data, array_flip(self::BENCH_FACTS));

        return hash('sha256', json_encode($wiring, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    /** Of what is laid out where: the rules of layouts read it besides the wiring. */
    public function layoutHash(): string
    {
        $laid = $this->data['layouts'] ?? [];

        return $laid === []
            ? ''
            : hash('sha256', json_encode($laid, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    public function title(): string
    {
        return $this->fields()->text('title');
    }
}
