# Completion of firm-cell for bash.
_firm_cell() {
    local current="${COMP_WORDS[COMP_CWORD]}" before="${COMP_WORDS[COMP_CWORD-1]}" words=""
    if [ "$COMP_CWORD" -eq 1 ]; then
        words="open analyse list new export import layout wire taps run match stock shop log verify shots --demo --help --version"
    else
        case "${COMP_WORDS[1]}" in
        open) words="--demo --fresh --language" ;;
        analyse) words="--json --fail-on" ;;
        list) words="--json" ;;
        new) words="--brief -o --output --kind --quiet --series --parallel --cell --wire --connector --fuse --board" ;;
        export) words="--to --force --photos --language --label-size" ;;
        import) words="-o --output --quiet" ;;
        layout) words="--outline --lattice --seed --effort --quiet" ;;
        wire) words="--current --length --drop --voltage --ambient --limit --peak --peak-time --laying --together --insulation --on --off --json" ;;
        taps) words="--json" ;;
        run) words="--current --power --profile --duty --charge --store --from --ambient --age --force --json --csv --against --plan" ;;
        match) words="--series --parallel --drawer --save --person --register --least-capacity --most-resistance --alike --balance --csv --force --json" ;;
        stock) words="--drawer --cell --lot --origin --pack --job --group --scrap --capacity --resistance --voltage --rule --dry-run --trays --paper --person --register --join --force --quiet --json" ;;
        shop) words="-o --out --hours --people --dry-run --person --register --force --quiet --json" ;;
        log) words="--json" ;;
        verify) words="--passport --head" ;;
        shots) words="" ;;
        esac
    fi
    case "$before" in
        --age) words="new half end" ;;
        --fail-on) words="stop attention note" ;;
        --insulation) words="silicone silicone-200 pvc-80 pvc-105 xlpe-125 ptfe-200" ;;
        --language) words="en de fr" ;;
        --lattice) words="square staggered free" ;;
        --laying) words="free pair sleeve bundle insulation" ;;
        --origin) words="new reclaimed unknown" ;;
        --paper) words="a4 letter label" ;;
        --people) words="1 2 3 4 5 6" ;;
        --rule) words="keep table skip" ;;
        --to) words="json csv pdf html template dxf svg positions stl spice segments wires wiring parts parts-pdf label sketch" ;;
    esac
    mapfile -t COMPREPLY < <(compgen -W "$words" -- "$current")
    if [ "${current:0:1}" != - ]; then
        local file
        while read -r file; do COMPREPLY+=("$file"); done < <(compgen -f -- "$current")
    fi
}
complete -o filenames -F _firm_cell firm-cell
