@php($undo = $page->undoWords($window))
@php($redo = $page->redoWords($bench))
<div id="headline" class="headline" @if($oob ?? false) hx-swap-oob="true" @endif>
<a class="build-name" href="{{ $page->url(['station' => 'brief']) }}">{{ $page->document->title() }}</a>
<a class="kept" href="/b/{{ $page->build->key }}/history" title="Everything that was kept">kept {{ $page->keptAt() }}</a>
<form method="post" action="{{ $page->to('undo') }}" hx-post="{{ $page->to('undo') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all"><x-hidden :page="$page"/><button class="plain" data-key="z" @disabled($undo === null) title="{{ $undo === null ? 'Nothing to take back' : 'Take back: '.$undo }}">Take back <kbd>Z</kbd></button></form>
<form method="post" action="{{ $page->to('redo') }}" hx-post="{{ $page->to('redo') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all"><x-hidden :page="$page"/><button class="plain" data-key="Z" @disabled($redo === null) title="{{ $redo === null ? 'Nothing to bring back' : 'Bring back: '.$redo }}">Bring back</button></form>
</div>
