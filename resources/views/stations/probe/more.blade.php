@if ($page->switches())
    <p class="host-has">This host can usually switch {{ $page->switchWords() }} too.
        <x-act
            :edit="$page->switches()"
            class="is-small"
        >Add these switches</x-act>
    </p>
@endif
@if ($page->way())
    @include('stations.probe.way')
@endif
<details class="probe-more">
    <summary>More wires, the goal, a table</summary>
    <p>
        @if ($page->probing->goal === 'needed')
            Looked for is what this build needs.
            <x-form
                op="edit"
                render="all"
                class="act"
                :with="['edit' => json_encode(['op' => 'probe_goal', 'goal' => 'all'])]"
            ><button class="button is-small">Name all wires</button></x-form>
        @else
            Every wire is to be named.
            <x-form
                op="edit"
                render="all"
                class="act"
                :with="['edit' => json_encode(['op' => 'probe_goal', 'goal' => 'needed'])]"
            ><button class="button is-small">Only what this build needs</button></x-form>
        @endif
        @if ($frame->own('helper') === '')
            <a href="{{ $frame->url(['helper' => '1']) }}">Somebody helps</a>
        @else
            <a href="{{ $frame->url(['helper' => null]) }}">I am alone</a>
        @endif
    </p>
    @include('stations.probe.add')
    @include('stations.probe.table')
    <p><a href="{{ route('practice', [], false) }}">Practise on a host of your own making</a></p>
</details>
