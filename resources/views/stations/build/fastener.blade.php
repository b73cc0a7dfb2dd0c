<li>
    <b>{{ $fastener->words() }}</b>{{ $page->ledger->where($fastener) }}
    @if ($fastener->hidden)
        · hidden
    @endif
    @if ($fastener->singleUse)
        · for one use: buy {{ $fastener->count + 1 }}
    @endif
    @if ($fastener->lost > 0)
        · {{ $fastener->lost }} lost
    @endif
    @if ($fastener->isForbidden())
        <p class="caution"><b>Leave it as it is: it holds what a life hangs on.</b></p>
    @else
        <x-act
            :edit="new BenchGlow\Edit\Fasten($fastener->id, $fastener->off ? 'back' : 'off')"
            class="is-small"
        >{{ $fastener->off ? 'Back' : 'Off' }}</x-act>
        @if ($fastener->lost < $fastener->count)
            <x-act
                :edit="new BenchGlow\Edit\Fasten($fastener->id, 'lost', $fastener->lost + 1)"
                class="is-small"
            >One lost</x-act>
        @endif
    @endif
</li>
