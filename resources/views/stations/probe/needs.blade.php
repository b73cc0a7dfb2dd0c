<p class="needs">
    <b>{{ $page->probing->goal === 'all' ? 'All wires:' : 'This build needs' }}</b> {{ $page->asked->needs() }}
</p>
