<footer class="page-foot">
    @include('phone.names')
    <span>Bench Glow {{ App\Frame\Foot::version() }}</span>
    <a href="{{ route('guide', null, false) }}">Guide</a>
    <a href="{{ route('licence', [], false) }}">Licence</a>
    <span>Figures come from models and typical parts: measure before you trust them.</span>
</footer>
