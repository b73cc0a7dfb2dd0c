@php($gate = $link->gate)
<div
    class="gate-open"
    data-gate
>
    <h1 class="gate-act">{{ $gate->act }}</h1>
    @if ($gate->alone !== '')
        <p class="alone">Alone: {{ lcfirst($gate->alone) }}</p>
    @endif
    @if (count($row->links) > 1)
        <ul
            class="gates"
            aria-label="{{ $row->title() }}"
        >
            @foreach ($row->shown() as $other)
                <li @class(['gate', $other->stands, 'here' => $other === $link])>
                    @include('stations.prove.situation', ['other' => $other])
                </li>
            @endforeach
        </ul>
        @if ($row->more() > 0)
            <p class="muted more">{{ $row->more() }} more of them; ↓ and ↑ go from one to the next.</p>
        @endif
        @if ($row->folded() > 0)
            <p class="muted more">The other side follows when this one is right.</p>
        @endif
    @else
        <div @class(['gates', 'gate', $link->stands, 'here'])>
            @include('stations.prove.situation', ['other' => $link])
        </div>
    @endif
    @include('stations.prove.acts')
    @if ($hunt = $page->hunt())
        @include('stations.prove.hunt', ['hunt' => $hunt])
    @endif
</div>
