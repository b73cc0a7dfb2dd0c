<ol
    id="chain"
    class="chain"
    aria-label="The chain of gates"
>
    @foreach ($page->rows() as $row)
        @php($here = $row->has($page->now))
        @if ($row->heads !== '')
            <li @class(['chain-head', 'wire-' . $row->wire])>
                <b>{{ App\Stations\Prove\ChainRow::POWER[$row->heads][0] }}</b>
                <span>{{ App\Stations\Prove\ChainRow::POWER[$row->heads][1] }}</span>
            </li>
        @endif
        <li @class([
            'gate-row',
            'here' => $here,
            $row->stands(),
            'wire-' . $row->wire,
            'below-' . $row->after(),
        ])>
            @include('stations.prove.contact', ['stands' => $row->stands()])
            @if ($here)
                @include('stations.prove.gate', ['row' => $row, 'link' => $page->now])
            @else
                <a
                    class="gate-fold"
                    href="{{ $page->url($row->links[0]->gate->key) }}"
                    hx-get="{{ $page->url($row->links[0]->gate->key) }}"
                    hx-swap="none"
                    hx-push-url="true"
                ><span>{{ $row->title() }}</span> <small>{{ $row->tells() }}</small></a>
            @endif
        </li>
    @endforeach
</ol>
