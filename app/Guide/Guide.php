<?php

declare(strict_types=1);

namespace App\Guide;

use Illuminate\Support\Str;
use League\CommonMark\Extension\DescriptionList\DescriptionListExtension;

/** The guide of `docs/guide/`: pages in the order in which the first one lists them. */
final class Guide
{
    public const FIRST = 'index';

    private string $folder;

    /** @param  string|null  $folder  null: the guide of the bench */
    public function __construct(?string $folder = null)
    {
        $this->folder = $folder ?? base_path('docs/guide');
    }

    public function has(string $page): bool
    {
        return preg_match('/^[a-z][a-z-]*$/', $page) === 1 && is_file("{$this->folder}/{$page}.md");
    }

    /** @return array<string, string> page => its title */
    public function pages(): array
    {
        preg_match_all('/\]\(([a-z-]+)\.md\)/', $this->text(self::FIRST), $links);
        $pages = [];
        foreach ([self::FIRST, ...$links[1]] as $page) {
            $pages[$page] = $this->title($page);
        }

        return $pages;
    }

    public function title(string $page): string
    {
        return preg_match('/^# (.+)$/m', $this->text($page), $heading) === 1 ? $heading[1] : $page;
    }

    /** Its text as markup; links to other pages lead to where the bench shows them. */
    public function html(string $page): string
    {
        $html = Str::markdown(
            $this->text($page),
            ['html_input' => 'escape', 'allow_unsafe_links' => false],
            [new DescriptionListExtension()],
        );

        return (string) preg_replace_callback(
            '/href="([a-z-]+)\.md"/',
            fn (array $m): string => 'href="'.route('guide', $m[1] === self::FIRST ? null : $m[1], false).'"',
            $html,
        );
    }

    private function text(string $page): string
    {
        return (string) file_get_contents("{$this->folder}/{$page}.md");
    }
}
