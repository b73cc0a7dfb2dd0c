<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\AsBuilt\AsBuilt;
use BenchGlow\AsBuilt\Handed;
use BenchGlow\AsBuilt\HtmlFile;
use BenchGlow\AsBuilt\Paper;
use BenchGlow\AsBuilt\ProofRows;
use BenchGlow\AsBuilt\Signed;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\HandOver\BenchKey;
use BenchGlow\Prove\FaultTable;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\Gates;
use BenchGlow\Prove\Proving;
use BenchGlow\Prove\Works;

/** `glow sheet`, `glow verify`: the as-built sheet as a file. */
final readonly class Sheets
{
    public AsBuilt $sheet;

    /** @param  string|null  $photos  folder with pictures, each named by its sha256 */
    public function __construct(private Document $document, private ?string $photos, string $program)
    {
        $review = Review::of($document);
        $analysis = $review->analysis;
        $tables = [];
        $table = function (string $circuit) use ($analysis, &$tables): FaultTable {
            return $tables[$circuit] ??= new FaultTable(new Works($analysis, $circuit));
        };
        $proof = new ProofRows(
            $analysis,
            /** @return list<Gate> */
            fn (string $circuit): array => Gates::of(new Proving($table($circuit)->works, null, $table($circuit))),
            fn (string $circuit, string $key): ?string => $table($circuit)->faults[$key]->says ?? null,
        );
        $hand = $document->fields()->object('handover');
        $day = substr($hand->text('on'), 0, 10);
        $this->sheet = AsBuilt::of($review, new Handed(null, $day, '', $program), $proof);
    }

    public function html(BenchKey $key): string
    {
        return Signed::with(HtmlFile::of($this->sheet, $this->document->json, $this->photo(...)), $key);
    }

    public function pdf(): string
    {
        return Paper::of($this->sheet, $this->photo(...));
    }

    private function photo(string $sha): ?string
    {
        $path = $this->photos === null ? '' : "{$this->photos}/{$sha}.jpg";

        return is_file($path) ? (string) file_get_contents($path) : null;
    }

    /**
     * @return array{state: string, bench: string, build: string|null, hash: string|null}|null null: no sheet, or not signed
     */
    public static function verified(string $html, ?BenchKey $own): ?array
    {
        $read = Signed::read($html);
        if ($read === null) {
            return null;
        }
        $json = HtmlFile::build($html);
        $title = null;
        $hash = null;
        if ($json !== null && $read[0] === Signed::SOUND) {
            $document = Document::fromJson($json);
            [$title, $hash] = [$document->title(), $document->hash()];
        }

        return [
            'state' => $read[0],
            'bench' => $read[1] === $own?->public() ? 'this one' : 'another one',
            'build' => $title,
            'hash' => $hash,
        ];
    }
}
