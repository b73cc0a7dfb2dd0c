@if ($page->host()->switches())
    <p class="host-has">This host can usually switch {{ $page->host()->switchWords() }} too.
        <x-act
            :edit="$page->host()->switches()"
            class="is-small"
        >Add these switches</x-act>
    </p>
@endif
@if ($page->host()->way())
    @include('stations.probe.way')
@endif
@if ($page->host()->baseline() !== [])
    <details class="probe-more">
        <summary>Before you begin: does it work?
            {{ count(array_filter($page->host()->baseline(), fn($l) => $l[1] !== null)) }}
            of {{ count($page->host()->baseline()) }} looked at</summary>
        <p class="muted">What does not work before you touch anything was not you.</p>
        <ul class="readings">
            @foreach ($page->host()->baseline() as [$what, $works, $yes, $no])
                <li>{{ $what }}
                    @if ($works === null)
                        <x-act
                            :edit="$yes"
                            class="is-small"
                        >works</x-act>
                        <x-act
                            :edit="$no"
                            class="is-small"
                        >does not</x-act>
                    @else
                        <b>{{ $works ? 'works' : 'does not work' }}</b>
                    @endif
                </li>
            @endforeach
        </ul>
    </details>
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
