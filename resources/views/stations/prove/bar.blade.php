<div class="rest-words">
    <p>{{ $page->short() }}</p>
    @foreach ($page->chain->outcomes->hunts as $open)
        @if ($open->isOpen())
            <p>looked for: {{ mb_strtolower($frame->analysis->build->label($open->circuit)) }}</p>
        @endif
    @endforeach
</div>
