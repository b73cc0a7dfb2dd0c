<div id="headline" class="headline" @if ($oob ?? false) hx-swap-oob="true" @endif>
<a class="build-name" href="{{ $frame->url(['station' => $frame->stations->home()->key()]) }}">{{ $frame->document->title() }}</a>
<a class="kept" href="{{ route('history', $frame->build, false) }}" title="Everything that was kept">kept {{ $frame->moves->keptAt }}</a>
@foreach (['undo' => ['z', 'Take back', 'Nothing to take back', $frame->moves->undo], 'redo' => ['Z', 'Bring back', 'Nothing to bring back', $frame->moves->redo]] as $act => [$key, $words, $nothing, $what])
<form method="post" action="{{ $frame->to($act) }}" hx-post="{{ $frame->to($act) }}">
<x-hidden/>
<button class="plain" data-key="{{ $key }}" @disabled($what === null) title="{{ $what === null ? $nothing : $words.': '.$what }}">{{ $words }}@if ($key === 'z') <kbd>Z</kbd>@endif</button>
</form>
@endforeach
</div>
